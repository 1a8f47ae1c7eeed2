<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Memory;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Record\NotedPart;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Record\Records;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What is remembered from one assessment to the next spares work and changes nothing that comes out. */
final class MemoryTest extends TestCase
{
    private const STAGES = ['use', 'load', 'tanks', 'line', 'parts'];
    private const LINE_STEP = 4;
    /** What is chosen, or so narrow that the tank does not breathe, and may matter to what is remembered. */
    private const CHOSEN = [
        '/tanks/0/ports/1/bore_mm' => 3,
        '/use/stay' => 'sites',
        '/use/uses/0/drains_to' => 'outside',
        '/tanks/0/form' => 'can',
        '/tanks/0/holds' => 'waste',
        '/tanks/0/held_by' => 'brackets',
        '/tanks/0/ports/0/face' => 'right',
        '/runs/0/end' => 'valve',
        '/bays/0/frost' => true,
        '/load/rig/body' => 'bus',
        '/tanks/0/id' => 'renamed',
        '/line/parts/0/reversed' => true,
        '/line/parts/1/reversed' => true,
        '/line/pipes/0/to' => 'gone.in',
        '/line/pipes/3/from' => 'gone.out',
    ];

    /** @return iterable<string, array{Plan}> */
    public static function demos(): iterable
    {
        foreach (SamplePlans::demos() as $plan) {
            yield $plan->name => [$plan];
        }
    }

    #[DataProvider('demos')]
    public function testEveryEditComesOutAsIfNothingHadBeenRemembered(Plan $plan): void
    {
        $memory = self::memory();
        self::assess($plan, 'line', $memory);
        $kept = $memory->kept;
        self::assertNotSame([], $kept);
        $edited = $recalled = 0;
        foreach (self::edits($plan) as $pointer => $changed) {
            $stage = self::STAGES[$edited++ % 5];
            // Only what the plan before it left there: what an edit leaves would hide what is missing in the key.
            $memory->kept = $kept;
            $memory->recalled = 0;
            self::assertSame(self::assess($changed, $stage), self::assess($changed, $stage, $memory), $pointer);
            $recalled += $memory->recalled;
        }
        self::assertGreaterThan(20, $edited);
        self::assertGreaterThan($edited / 2, $recalled);
    }

    public function testWhatIsKnownIsNotKeptAgain(): void
    {
        $memory = self::memory();
        foreach (['line', 'parts', 'use', 'line'] as $stage) {
            self::assess(SamplePlans::fellside(), $stage, $memory);
        }
        $times = $memory->times;
        self::assess(SamplePlans::fellside(), 'tanks', $memory);
        self::assertSame($times, $memory->times);
        self::assertSame([
            'FittingWeights' => 1,
            'HeldPipes' => 1,
            'JointFittings' => 1,
            'JointSummary' => 1,
            'KeptRules' => 3,
            'KeptStage' => 5,
            'LineWorkings' => 1,
            'ModeSearch' => 1,
            'Phrasebook' => 1,
            'Readings' => 2,
            'TapReach' => 1,
        ], self::counted($memory->kept));
    }

    /** Records are not part of a plan: findings that depend on them are looked for each time, and never kept. */
    public function testWhatIsRecordedCountsEachTime(): void
    {
        $memory = self::memory();
        $plan = SamplePlans::demos()['petrel'];
        $recorded = new Records([new NotedPart('gone-1', 'Old tank')], '2026-05-01T10:00:00Z', [new Purchased('nothing-known', 'Blue jug', new Purchase(2.0))]);
        $codes = [];
        foreach ([null, $recorded, null, $recorded] as $records) {
            foreach (['use', 'parts'] as $stage) {
                $remembering = self::assess($plan, $stage, $memory, $records);
                self::assertSame(self::assess($plan, $stage, null, $records), $remembering);
                $codes[] = array_values(array_intersect(['use.note-orphaned', 'parts.bought-spare'], array_column(Json::decode($remembering)->findings, 'code')));
            }
        }
        $found = ['use.note-orphaned', 'parts.bought-spare'];
        self::assertSame([[], [], $found, $found, [], [], $found, $found], $codes);
        $memory = self::memory();
        self::assess($plan, 'use', $memory, $recorded);
        self::assertSame(3, self::counted($memory->kept)['KeptStage'], 'Neither Use nor Parts.');
    }

    /**
     * @param array<string, array<array-key, mixed>> $kept
     *
     * @return array<string, int> how many things each class keeps, by its name
     */
    private static function counted(array $kept): array
    {
        $counts = array_count_values(array_map(static fn (string $key): string => basename(strtr(explode(' ', $key)[0], '\\', '/')), array_keys($kept)));
        ksort($counts);

        return $counts;
    }

    public function testThePlanWithAllItsFixesIsWorkedOutWhole(): void
    {
        $memory = self::memory();
        Assessor::assess(SamplePlans::fellside(), null, SampleLines::stock(), memory: $memory);
        self::assertSame([], $memory->kept);
    }

    /** @return iterable<string, Plan> each with one field changed, by its pointer; of the line, and of a plan with a long line, some of the fields */
    private static function edits(Plan $plan): iterable
    {
        $step = \count($plan->line->parts) > 12 ? 6 : 1;
        $fields = array_filter(MeasuredFields::of($plan), static fn (MeasuredField $one): bool => null !== $one->value);
        $number = 0;
        foreach ($fields as $pointer => $field) {
            if (0 !== $number++ % (str_starts_with($pointer, '/line/') ? self::LINE_STEP * $step : $step)) {
                continue;
            }
            foreach ([1.04, 0.9] as $factor) {
                $changed = self::changed($plan, $pointer, round($field->value * $factor, 3));
                if (null !== $changed) {
                    yield $pointer => $changed;
                    break;
                }
            }
        }
        foreach (self::CHOSEN as $pointer => $value) {
            $changed = self::changed($plan, $pointer, $value);
            if (null !== $changed) {
                yield $pointer => $changed;
            }
        }
    }

    private static function changed(Plan $plan, string $pointer, mixed $value): ?Plan
    {
        try {
            return PlanPatch::replace($pointer, $value)->applyTo($plan);
        } catch (InvalidInput) {
            return null;
        }
    }

    private static function assess(Plan $plan, string $stage, ?Memory $memory = null, ?Records $records = null): string
    {
        $assessment = Assessor::assess($plan, $stage, SampleLines::stock(), records: $records, memory: $memory ?? self::memory());

        return Json::encode($assessment, digits: Json::WORKED_OUT);
    }

    /** @return Memory&object{kept: array<string, array<array-key, mixed>>, recalled: int, times: int} */
    private static function memory(): Memory
    {
        return new class implements Memory {
            /** @var array<string, array<array-key, mixed>> */
            public array $kept = [];
            public int $recalled = 0;
            public int $times = 0;

            public function recall(string $key): ?array
            {
                $this->recalled += isset($this->kept[$key]) ? 1 : 0;

                return $this->kept[$key] ?? null;
            }

            public function keep(string $key, \Closure $values): void
            {
                $found = $values();
                if (null !== $found) {
                    ++$this->times;
                    $this->kept[$key] = $found;
                }
            }
        };
    }
}
