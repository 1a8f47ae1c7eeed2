<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Drawing\BaySketch;
use YardCask\Core\Stage\Tanks\Drawing\PortSketch;
use YardCask\Core\Stage\Tanks\Drawing\TankSection;
use YardCask\Core\Tests\SamplePlans;

/** What holds for every assessment. */
final class AssessmentTest extends TestCase
{
    public function testTheSamePlanGivesTheSameBytes(): void
    {
        foreach (SamplePlans::all() as $plan) {
            self::assertSame(Json::encode(Assessor::assess($plan)), Json::encode(Assessor::assess(Plan::fromJson($plan->toJson()))));
        }
    }

    public function testWhateverStageIsLookedAtTheVerdictIsTheSameAndFixesSumsAndDrawingsComeByThemselves(): void
    {
        foreach (SamplePlans::demos() as $plan) {
            $all = Assessor::assess($plan);
            self::assertEquals($all->sums, Assessor::sums($plan));
            $fixes = array_column($all->findings, 'fixes', 'key');
            self::assertCount(\count($all->findings), $fixes, 'No two findings have the same key.');
            foreach (['use', 'load', 'tanks', 'line', 'parts', '-'] as $stage) {
                $looked = Assessor::assess($plan, $stage);
                self::assertSame(array_keys($fixes), array_column($looked->findings, 'key'));
                self::assertSame([], array_merge(...array_column($looked->findings, 'fixes')));
                $isAlone = static fn (string $id): bool => str_ends_with($id, '.mains');
                $verdict = array_filter($all->figures, static fn (string $id): bool => !$isAlone($id), \ARRAY_FILTER_USE_KEY);
                self::assertSame(Json::encode($verdict), Json::encode($looked->figures));
                self::assertNull($looked->sums);
                $drawn = Assessor::drawn($plan, $stage);
                self::assertSame(\in_array($stage, array_keys($all->stages), true), null !== $drawn);
                self::assertSame(
                    null === $drawn ? 'null' : Json::encode([$all->stages[$stage]->drawing, $all->stages[$stage]->additions]),
                    Json::encode(null === $drawn ? null : [$drawn->drawing, $drawn->additions]),
                );
                foreach (Assessor::fixes($plan, $stage) as $one) {
                    self::assertEquals($fixes[$one->key], $one->fixes);
                }
            }
        }
    }

    /** The rig's views stand on every stage: what they show of tanks, bays and people does not hang on which is looked at. */
    public function testWhatTheViewsOfTheRigShowIsTheSameOnEveryStage(): void
    {
        $shown = static fn (Assessment $assessment): array => [
            $assessment->stages['load']->drawing->taken,
            array_map(
                static fn (TankSection $one): array => [
                    $one->id,
                    $one->travel,
                    $one->travelLevelMm,
                    $one->overflowMm,
                    array_map(static fn (PortSketch $port): array => [$port->id, $port->xM, $port->yM, $port->zM], $one->ports),
                ],
                $assessment->stages['tanks']->drawing->tanks,
            ),
            array_map(
                static fn (BaySketch $one): array => [$one->id, $one->box, $one->obstructions, $one->clearance],
                $assessment->stages['tanks']->drawing->bays,
            ),
            $assessment->stages['tanks']->drawing->runs,
            $assessment->stages['tanks']->drawing->things,
        ];
        foreach ([...SamplePlans::all(), ...array_map(SamplePlans::varied(...), range(500, 540))] as $name => $plan) {
            self::assertEquals($shown(Assessor::assess($plan)), $shown(Assessor::assess($plan, 'line')), (string) $name);
        }
    }

    public function testEveryFigureHasASumWhoseInputsCanBeFollowed(): void
    {
        foreach ([...SamplePlans::all(), ...array_map(SamplePlans::varied(...), range(300, 340))] as $name => $plan) {
            $assessment = Assessor::assess($plan);
            self::assertGreaterThan(20, \count($assessment->figures));
            $fields = MeasuredFields::of($plan);
            foreach ($assessment->figures as $id => $figure) {
                $sum = $assessment->sums[$id] ?? null;
                self::assertNotNull($sum, "$name: $id");
                self::assertNotSame('', $sum->formula.$sum->source);
                foreach ($sum->inputs as $input) {
                    self::assertNotSame('', $input->label, "$name: $id");
                    if (null !== $input->figure) {
                        self::assertArrayHasKey($input->figure, $assessment->figures, "$name: $id");
                        self::assertNotSame($id, $input->figure);
                    }
                    if (null !== $input->pointer) {
                        self::assertArrayHasKey($input->pointer, $fields, "$name: $id");
                    }
                }
            }
            foreach (self::shown($assessment) as $id) {
                self::assertArrayHasKey($id, $assessment->figures, (string) $name);
            }
        }
    }

    /** @return list<string> the ids of the figures that are shown as buttons */
    private static function shown(Assessment $assessment): array
    {
        preg_match_all('/"figure_id":"([^"]+)"/', Json::encode(['glass' => $assessment->glass, 'stages' => $assessment->stages]), $matches);

        return $matches[1];
    }

    public function testWhatIsLeftIsTheLimitLessTheLoad(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            $figures = Assessor::assess($plan, '')->figures;
            foreach (['gross', 'front', 'rear', 'nose', 'axle'] as $limit) {
                if (isset($figures["load.$limit.full"])) {
                    self::assertEqualsWithDelta(
                        $figures["load.$limit.spare"]->value + $figures["load.$limit.travel"]->value,
                        $figures["load.$limit.spare_full"]->value + $figures["load.$limit.full"]->value,
                        1e-9,
                        "$name: $limit",
                    );
                    self::assertLessThanOrEqual($figures["load.$limit.spare"]->value + 1e-9, $figures["load.$limit.least_spare"]->value, "$name: $limit");
                }
            }
        }
    }

    public function testAUseMayHaveAnyId(): void
    {
        $value = static fn (Plan $plan, string $id): float => Assessor::assess($plan)->figures[$id]->value;
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/use/uses/1/id","value":"daily"},{"op":"replace","path":"/tanks/0/id","value":"full"}]',
            ),
        );
        foreach (['use.daily', 'use.needed', 'tanks.full'] as $id) {
            self::assertSame($value(SamplePlans::fellside(), $id), $value($plan, $id), $id);
        }
    }

    public function testAnEmptyPlanIsAssessedToo(): void
    {
        foreach (['van', 'trailer', 'boat'] as $rig) {
            $plan = Plan::read(
                SamplePlans::patched(
                    SamplePlans::begun(['rig' => $rig]),
                    '[{"op":"replace","path":"/use/uses","value":[]},{"op":"replace","path":"/load/loads","value":[]},{"op":"replace","path":"/load/seats","value":[]},{"op":"replace","path":"/tanks","value":[]}]',
                ),
            );
            self::assertStringContainsString('Add what you use water for', Json::encode(Assessor::assess($plan)));
        }
    }

    public function testWhatIsOverBeforeAnyWaterSaysSoWithItsSum(): void
    {
        foreach (['van' => ['gross', 'front', 'rear'], 'trailer' => ['gross', 'nose', 'axle'], 'boat' => ['gross']] as $rig => $limits) {
            foreach ($limits as $limit) {
                $path = [
                    'van' => ['gross' => 'gross_limit_kg', 'front' => 'axles/0/limit_kg', 'rear' => 'axles/1/limit_kg'],
                    'trailer' => ['gross' => 'gross_limit_kg', 'nose' => 'nose_limit_kg', 'axle' => 'axles/0/limit_kg'],
                    'boat' => ['gross' => 'load_limit_kg'],
                ][$rig][$limit];
                $plan = Plan::read(
                    SamplePlans::patched(
                        SamplePlans::begun(['rig' => $rig]),
                        \sprintf(
                            '[{"op":"replace","path":"/load/rig/%s","value":%d}]',
                            $path,
                            'van' === $rig ? 1000 : ('nose' === $limit ? 20 : 150),
                        ),
                    ),
                );
                $assessment = Assessor::assess($plan);
                $answer = $assessment->stages['load']->answer;
                self::assertSame(['load.'.$limit.'.over_empty', ' over before any water.'], [$answer->figureId, $answer->after], "$rig $limit");
                self::assertSame($answer->figure, $assessment->figures[$answer->figureId]->text);
                $sum = $assessment->sums['load.'.$limit.'.empty']->inputs;
                self::assertSame('load.'.$limit.'.full', $sum[0]->figure);
            }
        }
    }

    public function testPartsThatCanBeAddedFindAFreePlaceAFreeIdAndANameOfTheirOwn(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            for ($added = 0; $added < 6; ++$added) {
                foreach (Assessor::assess($plan)->stages as $sheet) {
                    foreach ($sheet->additions as $addition) {
                        $more = Plan::read(SamplePlans::patched($plan, Json::encode($addition->patch)));
                        $codes = array_column(Assessor::assess($more, '-')->findings, 'code');
                        foreach (['tanks.collide', 'tanks.outside', 'tanks.too-low', 'tanks.through-floor', 'load.outside'] as $code) {
                            self::assertNotContains($code, $codes, "$name: {$addition->label} after $added more");
                        }
                        $names = [...array_column($more->tanks, 'name'), ...array_column($more->load->loads, 'name')];
                        self::assertSame($names, array_unique($names));
                    }
                }
                $can = self::addition($plan, 'Add a can');
                if (null === $can) {
                    self::assertGreaterThan(4, $added, (string) $name);
                    break;
                }
                $plan = $can->patch->applyTo($plan);
            }
            self::assertSame(\count($plan->tanks), \count(array_unique(array_map(static fn (PlannedTank $tank): string => $tank->id, $plan->tanks))));
        }
    }

    /** Each demonstration shows how trouble looks, and none that could not be. */
    public function testTheDemonstrationsHaveTheirSnags(): void
    {
        $codes = static function (Plan $plan): array {
            $found = array_column(Assessor::assess($plan, '-')->findings, 'code');
            sort($found);

            return $found;
        };
        self::assertSame([
            'bothy' => ['line.undrained', 'load.nose-light', 'parts.apart', 'parts.length-assumed', 'tanks.bay-guessed', 'tanks.drain-missing', 'tanks.frost-below-outlet', 'tanks.level-unseen', 'tanks.unrestrained', 'tanks.unvented', 'use.short'],
            'fellside' => [
                'line.backwards',
                'line.filter-fast',
                'line.flow-wasteful',
                'line.single-wall',
                'line.starts-often',
                'line.together-weak',
                'line.undrained',
                'load.estimate-tight',
                'load.not-weighed',
                'load.over-refilled',
                'load.rear-over',
                'load.reserve-thin',
                'load.side-difference',
                'parts.length-assumed',
                'parts.many-methods',
                'parts.metal-in-plastic',
                'tanks.drain-missing',
                'tanks.outlet-high',
                'use.short',
            ],
            'petrel' => ['line.sink-under', 'line.starts-often', 'load.heel', 'parts.clamp-shakes', 'parts.length-assumed', 'tanks.heeled-under', 'use.drains-outside', 'use.shower-missing'],
            'prompt-side' => [
                'line.flow-wasteful',
                'line.flow-wasteful',
                'line.joint-weak',
                'line.over-rated',
                'line.precharge-low',
                'line.relief-low',
                'line.starts-often',
                'line.undrained',
                'parts.length-assumed',
                'parts.many-methods',
                'parts.metal-in-plastic',
                'tanks.frost-below-outlet',
                'tanks.hose-near-hot',
                'tanks.near-hot',
                'tanks.run-dips',
                'use.drinking-short',
            ],
        ], array_map($codes, SamplePlans::demos()));
    }

    public function testAFullListOffersNoMore(): void
    {
        $plan = SamplePlans::begun();
        while (\count($plan->tanks) < Plan::MOST_TANKS) {
            $can = self::addition($plan, 'Add a can') ?? self::fail('A van has room for a dozen cans.');
            $plan = $can->patch->applyTo($plan);
        }
        self::assertSame([], Assessor::assess($plan)->stages['tanks']->additions);
    }

    public function testDemonstrationFiguresByHand(): void
    {
        $figures = array_map(static fn (Figure $figure): float => $figure->value, Assessor::assess(SamplePlans::fellside())->figures);
        // 6 + 4 + 3 L each of three days, 13.5 L of shower a day, 20 L of boots, 16 L of flags; and a tenth.
        $stayL = 3 * (6 + 4 + 3 + 13.5) + 20 + 16;
        self::assertEqualsWithDelta($stayL * 1.1, $figures['use.needed'], 1e-9);
        $usableL = 9.5 * 3.7 * (3.45 - 0.34);
        self::assertEqualsWithDelta($usableL, $figures['tanks.usable'], 1e-9);
        self::assertEqualsWithDelta(floor(10 * ($usableL / 1.1 - 36) / 26.5) / 10, $figures['use.lasts'], 1e-9);
        $baseKg = 1450 + ((78 + 74) * 0.45 + 64 * 1.6 + 78 * 2.5 + 96 * 4.6 + 2 * 0.7 * 2.2 + 9 * 4.42 + 7 * 1.95) / 3.3;
        $fullL = 9.5 * 3.7 * 3.45;
        $rearKg = $baseKg + (20 * 2.2 + $fullL * 4.42) / 3.3;
        self::assertEqualsWithDelta($rearKg, $figures['load.rear.full'], 1e-9);
        self::assertEqualsWithDelta(1850 - $rearKg, $figures['load.rear.spare'], 1e-9);
        // Used up: what lies below the outlet stays; dishes, hands and shower of what was drawn are in the waste tank.
        $wasteL = $usableL * (12 + 9 + 40.5) / $stayL;
        self::assertEqualsWithDelta($baseKg + (9.5 * 3.7 * 0.34 * 4.42 + $wasteL * 1.95) / 3.3, $figures['load.rear.used_up'], 1e-9);
    }

    /** What each of those answers says in a property is held against the independent sums of a passage. */
    public function testWhatAnEstimateHidesIsEightPercentOfEachAxleThatIsNotWeighed(): void
    {
        $finding = static fn (Plan $plan): ?SentFinding => array_values(
            array_filter(Assessor::assess($plan)->findings, static fn (SentFinding $one): bool => 'load.not-weighed' === $one->code),
        )[0] ?? null;
        self::assertEqualsWithDelta(0.08 * 1442, $finding(SamplePlans::fellside())?->measure->limit, 1e-9);
        self::assertEqualsWithDelta(0.08 * (1350 + 1330), $finding(SamplePlans::begun())?->measure->limit, 1e-9);
        $delivered = Plan::read(
            SamplePlans::patched(
                SamplePlans::begun(),
                '[{"op":"replace","path":"/load/rig/build","value":"delivered"},{"op":"add","path":"/load/rig/axles/1/weighed_kg","value":1330}]',
            ),
        );
        self::assertEqualsWithDelta(0.04 * 1350, $finding($delivered)?->measure->limit, 1e-9);
    }

    private static function addition(Plan $plan, string $label): ?SentFix
    {
        return array_values(
            array_filter(Assessor::drawn($plan, 'tanks')->additions ?? [], static fn (SentFix $fix): bool => $label === $fix->label),
        )[0] ?? null;
    }
}
