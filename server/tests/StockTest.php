<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use Opis\JsonSchema\Validator;
use YardCask\Core\Input\Json;

/** The catalogue of tanks, tried in a plan. */
final class StockTest extends ApiTestCase
{
    public function testEveryTankIsTriedAndWhatIsAnsweredKeepsToItsSchema(): void
    {
        $single = $this->send('POST', '/api/stock?replace=tail', self::fellside());
        $this->assertStatus(200);
        $pairs = $this->send('POST', '/api/stock?replace=tail&pairs=true', self::fellside());
        $this->assertStatus(200);
        $schema = Json::decode((string) file_get_contents(__DIR__.'/../../schema/stock-offer.schema.json'));
        foreach ([$single, $pairs] as $offer) {
            self::assertTrue((new Validator())->validate($offer, $schema)->isValid());
        }
        self::assertGreaterThanOrEqual(43, \count($single->rows));
        self::assertStringContainsString(' and ', $pairs->rows[0]->name);
        self::assertContains($single->rows[0]->id, $single->best);
    }

    public function testATankThatIsNotThereIsNotReplacedAndABadPlanIsExplained(): void
    {
        $offer = $this->send('POST', '/api/stock?replace=nobody', self::fellside());
        $this->assertStatus(200);
        self::assertSame('/tanks/-', $offer->rows[0]->patch[0]->path);
        $this->send('POST', '/api/stock?replace[]=x', self::fellside());
        $this->assertStatus(200);
        $problem = $this->send('POST', '/api/stock', '{"format":"yard-cask-plan"}');
        $this->assertStatus(422);
        self::assertSame('/version', $problem->violations[0]->pointer);
    }
}
