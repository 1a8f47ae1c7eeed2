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
        $single = $this->found('/api/stock?replace=tail', self::fellside());
        $pairs = $this->found('/api/stock?replace=tail&pairs=true', self::fellside());
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
        $offer = $this->found('/api/stock?replace=nobody', self::fellside());
        self::assertSame('/tanks/-', $offer->rows[0]->patch[0]->path);
        $this->send('POST', '/api/stock?replace[]=x', self::fellside());
        $this->assertStatus(200);
        $problem = $this->send('POST', '/api/stock', '{"format":"yard-cask-plan"}');
        $this->assertStatus(422);
        self::assertSame('/version', $problem->violations[0]->pointer);
    }

    public function testATankOfOnesOwnIsTriedUntilItIsLetGo(): void
    {
        $plan = Json::decode(self::fellside());
        $kept = $this->send('POST', '/api/own-tanks', Json::encode(['tank' => 'tail', 'price' => 12, 'plan' => $plan]));
        $this->assertStatus(201);
        self::assertSame('Tail tank', $kept->name);
        self::assertContains($kept->id, array_column($this->send('GET', '/api/own-tanks')->tanks, 'id'));
        $ofIt = fn (): array => array_values(
            array_filter(
                $this->found('/api/stock?replace=tail', Json::encode($plan))->rows,
                static fn (object $row): bool => str_starts_with($row->id, 'own-'.$kept->id),
            ),
        );
        // It fits where it came from.
        self::assertSame([true, 12], [isset($ofIt()[0]->patch), $ofIt()[0]->price]);
        $this->send('DELETE', '/api/own-tanks/'.$kept->id);
        $this->assertStatus(204);
        $this->send('DELETE', '/api/own-tanks/'.$kept->id);
        $this->assertStatus(204);
        self::assertSame([], $ofIt());
    }

    public function testWhatIsNoTankOfAPlanIsNotKept(): void
    {
        $plan = Json::decode(self::fellside());
        foreach (['/tank' => ['tank' => 'nobody', 'plan' => $plan], '/price' => ['tank' => 'tail', 'price' => -1, 'plan' => $plan], '/format' => ['tank' => 'tail']] as $pointer => $body) {
            $problem = $this->send('POST', '/api/own-tanks', Json::encode($body));
            $this->assertStatus(422);
            self::assertSame($pointer, $problem->violations[0]->pointer);
        }
    }

    public function testATableIsReadAndWhatIsWrongInItIsSaidByLine(): void
    {
        $plan = Json::decode(self::fellside());
        $read = $this->send('POST', '/api/levels', Json::encode(['text' => "height;volume\n100;12,5\n400;90", 'tank' => 'tail', 'plan' => $plan]));
        $this->assertStatus(200);
        self::assertSame([[100, 12.5], [400, 90]], array_map(static fn (object $level): array => [$level->height_mm, $level->litres], $read->patch[0]->value));
        // The tank is as high as its table.
        self::assertSame(['/tanks/0/height_mm', 400], [$read->patch[1]->path, $read->patch[1]->value]);
        foreach (['100;wide' => 'Line 1', '' => 'A table has', "\u{0}5\u{FFFD}" => 'Line 1'] as $text => $words) {
            $problem = $this->send('POST', '/api/levels', Json::encode(['text' => (string) $text, 'tank' => 'tail', 'plan' => $plan]));
            $this->assertStatus(422);
            self::assertStringContainsString($words, $problem->violations[0]->message);
        }
        $this->send('POST', '/api/levels', Json::encode(['text' => 5]));
        $this->assertStatus(422);
    }
}
