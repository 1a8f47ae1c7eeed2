<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFields;
use YardCask\Core\Plan\PlannedTank;
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

    public function testEveryFigureHasASumWhoseInputsCanBeFollowed(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            $assessment = Json::decode(Json::encode(Assessor::assess($plan)));
            self::assertGreaterThan(20, \count((array) $assessment->figures));
            foreach ($assessment->figures as $id => $figure) {
                self::assertNotSame('', $figure->sum->formula.$figure->sum->source);
                foreach ($figure->sum->inputs as $input) {
                    if (isset($input->figure)) {
                        self::assertObjectHasProperty($input->figure, $assessment->figures, "$name: $id");
                        self::assertNotSame($id, $input->figure);
                    }
                    if (isset($input->pointer)) {
                        self::assertNotNull(PlanFields::at($input->pointer), "$name: $id: {$input->pointer}");
                    }
                }
            }
            $shown = [...array_column($assessment->glass, 'figure_id'), ...array_map(static fn (\stdClass $stage): string => $stage->answer->figure_id, array_values((array) $assessment->stages))];
            foreach ($assessment->stages->tanks->drawing->tanks as $tank) {
                array_push($shown, ...array_column($tank->marks, 'figure_id'));
            }
            foreach ($shown as $id) {
                self::assertObjectHasProperty($id, $assessment->figures, $name);
            }
        }
    }

    public function testWhatIsCalledASumAddsUpAndWhatIsLeftIsTheLimitLessTheLoad(): void
    {
        $sums = 0;
        foreach (SamplePlans::all() as $name => $plan) {
            $figures = Assessor::assess($plan)->figures;
            foreach ($figures->all() as $id => $figure) {
                $inputs = array_map(static fn (SumInput $input): array => $input->jsonSerialize(), $figure->sum->inputs);
                $parts = array_column($inputs, 'figure');
                if (str_starts_with($figure->sum->formula, 'sum of the') && \count($parts) === \count($inputs)) {
                    self::assertEqualsWithDelta(array_sum(array_map(static fn (string $part): float => $figures->get($part)->value, $parts)), $figure->value, 1e-9, "$name: $id");
                    ++$sums;
                }
            }
            foreach (['gross', 'front', 'rear', 'nose', 'axle'] as $limit) {
                if ($figures->has("load.$limit.full")) {
                    self::assertEqualsWithDelta($figures->get("load.$limit.spare")->value + $figures->get("load.$limit.travel")->value, $figures->get("load.$limit.spare_full")->value + $figures->get("load.$limit.full")->value, 1e-9, "$name: $limit");
                }
            }
        }
        self::assertGreaterThan(25, $sums);
    }

    public function testFiguresOfPartsWithOddIdsDoNotHideOthers(): void
    {
        $ids = '';
        foreach (['needed', 'stay', 'daily', 'lasts', 'low', 'high'] as $number => $id) {
            $ids .= \sprintf('{"op":"replace","path":"/use/uses/%d/id","value":"%s"},', $number, $id);
        }
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.$ids.'{"op":"replace","path":"/tanks/0/id","value":"usable"},{"op":"replace","path":"/tanks/1/id","value":"full"}]'));
        $value = static fn (Plan $one, string $id): float => Assessor::assess($one)->figures->get($id)->value;
        foreach (['use.needed', 'use.daily', 'use.lasts', 'tanks.usable', 'tanks.full'] as $id) {
            self::assertSame($value(SamplePlans::fellside(), $id), $value($plan, $id), $id);
        }
    }

    public function testAnEmptyPlanIsAssessedToo(): void
    {
        foreach (['van', 'trailer', 'boat'] as $rig) {
            $plan = Plan::read(SamplePlans::patched(SamplePlans::begun(['rig' => $rig]), '[{"op":"replace","path":"/use/uses","value":[]},{"op":"replace","path":"/load/loads","value":[]},{"op":"replace","path":"/tanks","value":[]}]'));
            self::assertStringContainsString('Nothing is drawn', Json::encode(Assessor::assess($plan)));
        }
    }

    public function testWhatIsOverBeforeAnyWaterSaysSoWithItsSum(): void
    {
        foreach (['van' => ['gross', 'front', 'rear'], 'trailer' => ['gross', 'nose', 'axle'], 'boat' => ['gross']] as $rig => $limits) {
            foreach ($limits as $limit) {
                $path = ['van' => ['gross' => 'gross_limit_kg', 'front' => 'front/limit_kg', 'rear' => 'rear/limit_kg'], 'trailer' => ['gross' => 'gross_limit_kg', 'nose' => 'nose_limit_kg', 'axle' => 'axle_limit_kg'], 'boat' => ['gross' => 'load_limit_kg']][$rig][$limit];
                $plan = Plan::read(SamplePlans::patched(SamplePlans::begun(['rig' => $rig]), \sprintf('[{"op":"replace","path":"/load/rig/%s","value":%d}]', $path, 'van' === $rig ? 1000 : ('nose' === $limit ? 20 : 150))));
                $assessment = Json::decode(Json::encode(Assessor::assess($plan)));
                $answer = $assessment->stages->load->answer;
                self::assertSame(['load.'.$limit.'.over_empty', ' over before any water.'], [$answer->figure_id, $answer->after], "$rig $limit");
                self::assertSame($answer->figure, $assessment->figures->{$answer->figure_id}->text);
                foreach ($assessment->figures->{'load.'.$limit.'.empty'}->sum->inputs as $input) {
                    self::assertStringNotContainsString('on the road', $input->label);
                }
            }
        }
    }

    public function testPartsThatCanBeAddedFindAFreePlaceAndAFreeId(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            for ($added = 0; $added < 6; ++$added) {
                $stages = Assessor::assess($plan)->stages;
                foreach ($stages as $sheet) {
                    foreach ($sheet->additions as $addition) {
                        $more = Plan::read(SamplePlans::patched($plan, Json::encode($addition->patch)));
                        $codes = array_map(static fn (Finding $finding): string => $finding->code->value, Assessor::assess($more)->findings);
                        self::assertNotContains('tanks.collide', $codes, "$name: {$addition->label} after $added more");
                        self::assertNotContains('tanks.outside', $codes, "$name: {$addition->label} after $added more");
                    }
                }
                $can = $stages[2]->additions[1];
                self::assertSame('Add a can', $can->label);
                $plan = $can->patch->applyTo($plan);
            }
            self::assertSame(\count($plan->tanks), \count(array_unique(array_map(static fn (PlannedTank $tank): string => $tank->id, $plan->tanks))));
        }
    }

    public function testAFullListOffersNoMore(): void
    {
        $plan = SamplePlans::begun();
        while (\count($plan->tanks) < Plan::MOST_TANKS) {
            $plan = Assessor::assess($plan)->stages[2]->additions[1]->patch->applyTo($plan);
        }
        self::assertSame([], Assessor::assess($plan)->stages[2]->additions);
    }

    public function testDemonstrationFiguresByHand(): void
    {
        $figures = array_map(static fn (Figure $figure): float => $figure->value, Assessor::assess(SamplePlans::fellside())->figures->all());
        // 6 + 4 + 3 L each of three days, 13.5 L of shower a day, 20 L of boots, 16 L of flags; and a tenth.
        $stayL = 3 * (6 + 4 + 3 + 13.5) + 20 + 16;
        self::assertEqualsWithDelta($stayL * 1.1, $figures['use.needed'], 1e-9);
        $usableL = 9.5 * 3.7 * (3.45 - 0.34);
        self::assertEqualsWithDelta($usableL, $figures['tanks.usable'], 1e-9);
        self::assertEqualsWithDelta(floor(10 * ($usableL / 1.1 - 36) / 26.5) / 10, $figures['use.lasts'], 1e-9);
        $cansKg = 2 * (0.7 + 10);
        $tankKg = 9 + 9.5 * 3.7 * 3.45;
        $rearKg = 1450 + (152 * 0.45 + 64 * 1.6 + 78 * 2.5 + 96 * 4.6 + $cansKg * 2.2 + $tankKg * 4.42) / 3.3;
        self::assertEqualsWithDelta($rearKg, $figures['load.rear.full'], 1e-9);
        self::assertEqualsWithDelta(1850 - $rearKg, $figures['load.rear.spare'], 1e-9);
    }
}
