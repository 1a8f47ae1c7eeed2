<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Tests\SamplePlans;

/** A hose that dips is led straight from its port to its end. */
final class RunDipsTest extends TestCase
{
    /** Fellside’s fill runs 900 mm along the rig between its first bend and its second, and 300 mm from there to the inlet. */
    private static function dipping(): Plan
    {
        $point = static fn (string $id, float $xM, float $zM): array => ['id' => $id, 'name' => $id, 'x_m' => $xM, 'y_m' => -0.78, 'z_m' => $zM];
        $inlet = ['id' => 'point-1', 'name' => 'Inlet', 'x_m' => 5.25, 'y_m' => -0.78, 'z_m' => 1.28];
        $points = [$point('near', 4.05, 1.2), $point('far', 4.95, 0.7), $inlet];

        return Plan::read(SamplePlans::patched(SamplePlans::fellside(), Json::encode([['op' => 'replace', 'path' => '/runs/0/points', 'value' => $points]])));
    }

    public function testTheFixPutsEachBendOnTheStraightWayByItsDistanceAlongTheHose(): void
    {
        $plan = self::dipping();
        $mended = Plan::read(SamplePlans::patched($plan, Json::encode(self::dip($plan)->fixes[0]->patch)));
        $points = Workings::over($mended)->of(RunWorkings::class)->that(PortRole::Fill)[0]->points();
        $along = [0.0];
        for ($index = 1; $index < \count($points); ++$index) {
            $along[] = $along[$index - 1] + hypot($points[$index]->xM - $points[$index - 1]->xM, $points[$index]->yM - $points[$index - 1]->yM);
        }
        $last = \count($points) - 1;
        self::assertSame(3, $last);
        foreach ($points as $index => $point) {
            $straightM = $points[0]->zM + $along[$index] / $along[$last] * ($points[$last]->zM - $points[0]->zM);
            self::assertEqualsWithDelta($straightM, $point->zM, 6e-4, 'Point '.$index);
        }
        self::assertNull(self::found($mended), 'It still dips.');
    }

    private static function dip(Plan $plan): SentFinding
    {
        return self::found($plan) ?? self::fail('It does not dip.');
    }

    private static function found(Plan $plan): ?SentFinding
    {
        $dips = array_filter(Assessor::assess($plan)->findings, static fn (SentFinding $one): bool => 'tanks.run-dips' === $one->code);

        return array_values($dips)[0] ?? null;
    }
}
