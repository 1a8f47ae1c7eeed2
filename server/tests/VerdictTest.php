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
            self::assertEquals(
                [$sheet->valve, $sheet->answer, $sheet->cautions],
                [$verdict->stages->{$name}->valve, $verdict->stages->{$name}->answer, $verdict->stages->{$name}->cautions],
                $name,
            );
        }
        self::assertFalse(isset($verdict->sums));
        self::assertEquals($whole->sums, $this->send('POST', '/api/sums', $plan)->sums);
        $drawn = $this->send('POST', '/api/drawing?stage='.$stage, $plan);
        self::assertEquals([$whole->stages->{$stage}->drawing, $whole->stages->{$stage}->additions], [$drawn->drawing, $drawn->additions]);
        $fixes = array_column($this->found('/api/fixes?stage='.$stage, $plan), 'fixes', 'key');
        $found = array_filter($whole->findings, static fn (object $finding): bool => $stage === $finding->stage);
        self::assertNotSame([], $found);
        self::assertSame(array_column($found, 'key'), array_keys($fixes));
        foreach ($found as $finding) {
            self::assertEquals($finding->fixes, $fixes[$finding->key], $finding->title);
        }
    }

    /** The fields of the line are many, and only those of what is opened are shown; all others are there on every stage, with the words beside them. */
    public function testEveryFieldThatIsShownIsRead(): void
    {
        $read = function (string $path): array {
            $reply = $this->send('POST', $path, self::fellside());
            $this->assertStatus(200);

            return array_map(static fn (object $reading): array => [$reading->text, $reply->fields[$reading->field]], (array) $reply->readings);
        };
        $all = $read('/api/readings');
        self::assertEquals($all, $read('/api/assess'));
        $line = array_filter($all, static fn (string $pointer): bool => str_starts_with($pointer, '/line/'), \ARRAY_FILTER_USE_KEY);
        $others = array_diff_key($all, $line);
        self::assertNotSame([], $others);
        foreach (['stage=use', 'stage=line', 'stage=line&opened=nobody', 'stage=line&opened=tail', 'stage=line&opened[]=pipe-1'] as $query) {
            self::assertEquals($others, $read('/api/assess?'.$query), $query);
        }
        $plan = Json::decode(self::fellside());
        foreach (['parts', 'pipes'] as $list) {
            foreach ($plan->line->{$list} as $index => $part) {
                $own = array_filter($line, static fn (string $pointer): bool => str_starts_with($pointer, "/line/$list/$index/"), \ARRAY_FILTER_USE_KEY);
                self::assertNotSame([], $own, $part->id);
                self::assertEquals($others + $own, $read('/api/assess?stage=line&opened='.$part->id), $part->id);
            }
        }
    }

    public function testAStageThatIsNoneIsDrawnNowhereAndClearsNothing(): void
    {
        $problem = $this->send('POST', '/api/drawing?stage=galley', self::fellside());
        $this->assertStatus(404);
        self::assertSame('There is no stage “galley”. The stages are use, load, tanks, line, parts.', $problem->detail);
        $this->send('POST', '/api/drawing', self::fellside());
        $this->assertStatus(404);
        self::assertSame([], $this->found('/api/fixes?stage=galley', self::fellside()));
    }

    public function testAPlanThatIsNoneIsRefusedAtItsPlaceByEachOfThem(): void
    {
        $plan = Json::decode(self::fellside());
        $plan->tanks[0]->length_mm = 'long';
        foreach (['/api/assess', '/api/assess?stage=line', '/api/drawing?stage=tanks', '/api/fixes?stage=tanks', '/api/sums', '/api/readings', '/api/book'] as $path) {
            $problem = $this->send('POST', $path, Json::encode($plan));
            $this->assertStatus(422);
            self::assertSame(['/tanks/0/length_mm'], array_column($problem->violations, 'pointer'), $path);
        }
    }
}
