<?php

declare(strict_types=1);

namespace YardCask\Server\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use YardCask\Core\Input\Json;

/** What a plan comes to is asked for in parts while somebody types, and as a whole elsewhere: they say the same. */
final class VerdictTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> */
    public static function stages(): iterable
    {
        foreach (['use', 'load', 'tanks', 'line'] as $stage) {
            yield $stage => [$stage];
        }
    }

    #[DataProvider('stages')]
    public function testTheVerdictItsDrawingItsFixesAndItsSumsAreThoseOfTheWhole(string $stage): void
    {
        $plan = self::fellside();
        $whole = $this->send('POST', '/api/assess', $plan);
        $verdict = $this->send('POST', '/api/assess?stage='.$stage, $plan);
        foreach (['glass', 'snags', 'figures', 'file_name'] as $part) {
            self::assertEquals($whole->{$part}, $verdict->{$part}, $part);
        }
        foreach ($whole->stages as $name => $sheet) {
            self::assertEquals([$sheet->valve, $sheet->answer, $sheet->cautions], [$verdict->stages->{$name}->valve, $verdict->stages->{$name}->answer, $verdict->stages->{$name}->cautions], $name);
        }
        self::assertFalse(isset($verdict->sums));
        self::assertEquals($whole->sums, $this->send('POST', '/api/sums', $plan)->sums);
        $drawn = $this->send('POST', '/api/drawing?stage='.$stage, $plan);
        self::assertEquals([$whole->stages->{$stage}->drawing, $whole->stages->{$stage}->additions], [$drawn->drawing, $drawn->additions]);
        $fixes = array_column($this->send('POST', '/api/fixes?stage='.$stage, $plan)->findings, 'fixes', 'key');
        $found = array_filter($whole->findings, static fn (object $finding): bool => $stage === $finding->stage);
        self::assertNotSame([], $found);
        self::assertSame(array_column($found, 'key'), array_keys($fixes));
        foreach ($found as $finding) {
            self::assertEquals($finding->fixes, $fixes[$finding->key], $finding->title);
        }
    }

    /** The fields of the line are many, and only its stage shows them; all others are there on every stage, with the words beside them. */
    public function testEveryFieldThatAStageShowsIsReadThere(): void
    {
        $fields = fn (string $query): array => array_map(static fn (object $reading): string => $reading->text, (array) $this->send('POST', '/api/assess'.$query, self::fellside())->readings);
        $all = $fields('');
        self::assertSame($all, $fields('?stage=line'));
        $without = array_filter($all, static fn (string $pointer): bool => !str_starts_with($pointer, '/line/'), \ARRAY_FILTER_USE_KEY);
        self::assertLessThan(\count($all), \count($without));
        self::assertSame($without, $fields('?stage=use'));
        $verdict = $this->send('POST', '/api/assess?stage=line', self::fellside());
        foreach ($verdict->readings as $pointer => $reading) {
            self::assertNotSame('', $verdict->fields[$reading->field]->label, $pointer);
        }
    }

    public function testAStageThatIsNoneIsDrawnNowhereAndClearsNothing(): void
    {
        $problem = $this->send('POST', '/api/drawing?stage=galley', self::fellside());
        $this->assertStatus(404);
        self::assertSame('No stage is called “galley”. There are use, load, tanks, line.', $problem->detail);
        $this->send('POST', '/api/drawing', self::fellside());
        $this->assertStatus(404);
        self::assertSame([], $this->send('POST', '/api/fixes?stage=galley', self::fellside())->findings);
        $this->assertStatus(200);
    }

    public function testAPlanThatIsNoneIsRefusedAtItsPlaceByEachOfThem(): void
    {
        $plan = Json::decode(self::fellside());
        $plan->tanks[0]->length_mm = 'long';
        foreach (['/api/assess', '/api/assess?stage=line', '/api/drawing?stage=tanks', '/api/fixes?stage=tanks', '/api/sums'] as $path) {
            $problem = $this->send('POST', $path, Json::encode($plan));
            $this->assertStatus(422);
            self::assertSame(['/tanks/0/length_mm'], array_column($problem->violations, 'pointer'), $path);
        }
    }
}
