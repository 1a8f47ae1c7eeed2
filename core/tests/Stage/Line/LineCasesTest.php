<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Tests\SamplePlans;

/** A line in one case after another: each is begun from a neighbour, and none depends on which was asked for before. */
final class LineCasesTest extends TestCase
{
    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (SamplePlans::demos() as $name => $plan) {
            yield $name => [$plan];
        }
        foreach ([3, 9, 17, 26, 41, 58] as $seed) {
            $plan = HandledLines::seeded($seed);
            if (null !== $plan) {
                yield 'handled '.$seed => [$plan];
            }
        }
    }

    #[DataProvider('plans')]
    public function testTheOrderInWhichCasesAreAskedForIsNoMatter(Plan $plan): void
    {
        $cases = self::cases(self::worked($plan));
        $solved = static function (array $cases) use ($plan): array {
            $line = self::worked($plan);
            $flows = [];
            foreach ($cases as $case) {
                $flows[$case->key] = $line->solve($case)->line->linksLpm;
            }
            ksort($flows);

            return $flows;
        };
        self::assertSame($solved($cases), $solved(array_reverse($cases)));
    }

    #[DataProvider('plans')]
    public function testANeighboursAnswerLeadsToTheSameAsNone(Plan $plan): void
    {
        $line = self::worked($plan);
        foreach (self::cases($line) as $case) {
            // All open is the only case that begins from nothing: for these outlets alone make it theirs.
            $only = self::worked(self::withOnly($plan, $case->open));
            foreach ($line->solve(new LineCase($case->open))->outlets as $id => $one) {
                self::assertEqualsWithDelta($only->solve(new LineCase($case->open))->outlets[$id]->lpm, $one->lpm, 1e-5, $one->part->name);
            }
        }
    }

    /** A line on a slope is a line whose every part and tank stands as much lower as it lies further along. */
    public function testOnASlopeEverythingStandsLowerTheFurtherAlongItLies(): void
    {
        $slope = 0.08;
        $line = SampleLines::of(SystemType::StorageHeater)->changed(
            'Sparing hand shower',
            ['xM' => 1.4, 'yM' => 0.2],
        )->changed('Galley mixer', ['xM' => -0.6, 'yM' => 0.0])->changed('Pressure pump', ['xM' => 2.1, 'yM' => 0.0]);
        $lower = static fn (PlannedPart|PlannedTank $one): float => $one->zM - $slope * ($one->xM ?? 0.0);
        $tilted = PartFields::changed($line->plan, [
            'tanks' => array_map(static fn (PlannedTank $tank): PlannedTank => PartFields::changed($tank, ['zM' => $lower($tank)]), $line->plan->tanks),
            'line' => PartFields::changed($line->plan->line, [
                'parts' => array_map(
                    static fn (PlannedPart $part): PlannedPart => PartFields::changed($part, ['zM' => $lower($part)]),
                    $line->plan->line->parts,
                ),
                // As long as they are: of other heights other lengths would be guessed.
                'pipes' => array_map(static fn ($pipe) => PartFields::changed($pipe, ['lengthM' => 1.0]), $line->plan->line->pipes),
            ]),
        ]);
        $level = PartFields::changed(
            $line->plan,
            [
                'line' => PartFields::changed(
                    $line->plan->line,
                    ['pipes' => array_map(static fn ($pipe) => PartFields::changed($pipe, ['lengthM' => 1.0]), $line->plan->line->pipes)],
                ),
            ],
        );
        $sloping = self::worked($level);
        $standing = self::worked($tilted);
        $flows = static fn (array $outlets): array => array_map(static fn (SolvedOutlet $one): float => $one->lpm, $outlets);
        $onSlope = $flows($sloping->solve(new LineCase($sloping->all(), slope: $slope))->outlets);
        self::assertEqualsWithDelta($flows($standing->solve(new LineCase($standing->all()))->outlets), $onSlope, 1e-6);
        self::assertNotEqualsWithDelta($flows($sloping->solve(new LineCase($sloping->all()))->outlets), $onSlope, 1e-3, 'It makes a difference.');
    }

    private static function worked(Plan $plan): LineWorkings
    {
        return Workings::over($plan)->of(LineWorkings::class);
    }

    /** @return list<LineCase> */
    private static function cases(LineWorkings $line): array
    {
        $cases = [new LineCase($line->all()), new LineCase($line->all(), fill: LineCase::NEARLY_EMPTY)];
        foreach ($line->all() as $id) {
            array_push($cases, LineCase::worst([$id]), LineCase::strongest([$id]), new LineCase([$id]));
        }

        return $cases;
    }

    /** @param list<string> $ids the outlets that stay; the others have no ports, so that none is another case’s neighbour */
    private static function withOnly(Plan $plan, array $ids): Plan
    {
        $parts = array_values(
            array_filter($plan->line->parts, static fn (PlannedPart $part): bool => !$part->kind->isOutlet() || \in_array($part->id, $ids, true)),
        );

        return PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => $parts])]);
    }
}
