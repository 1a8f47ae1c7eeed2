<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Figure;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFields;
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
            foreach ($assessment->glass as $cell) {
                self::assertObjectHasProperty($cell->figure_id, $assessment->figures);
            }
        }
    }

    public function testAnEmptyPlanIsAssessedToo(): void
    {
        foreach (['van', 'trailer', 'boat'] as $rig) {
            $plan = Plan::read(SamplePlans::patched(SamplePlans::begun(['rig' => $rig]), '[{"op":"replace","path":"/use/uses","value":[]},{"op":"replace","path":"/load/loads","value":[]},{"op":"replace","path":"/tanks","value":[]}]'));
            self::assertStringContainsString('Nothing is drawn', Json::encode(Assessor::assess($plan)));
        }
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
