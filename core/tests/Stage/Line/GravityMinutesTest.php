<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Drawing\GravityDrawing;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;

/** How long a tank takes to run empty by gravity depends on where its water is: what lies high runs out fast. */
final class GravityMinutesTest extends TestCase
{
    private const FINE = 80;

    /** @param list<array{float, float}>|null $levels heights in mm with their litres; null for the box that it is */
    private static function plan(?array $levels): Plan
    {
        $gravity = SampleLines::of(SystemType::Gravity)->plan;
        if (null === $levels) {
            return $gravity;
        }
        $table = array_map(static fn (array $one): object => (object) ['id' => 'level-'.(int) $one[0], 'height_mm' => $one[0], 'litres' => $one[1]], $levels);

        return PlanPatch::replace('/tanks/0/shape', 'profile')->and(PlanPatch::set('/tanks/0/levels', $table, false))->applyTo($gravity);
    }

    private static function shown(Plan $plan): float
    {
        preg_match('~all [\d.]+ L in ([\d.]+) min~', str_replace("\u{A0}", ' ', GravityDrawing::all(Workings::over($plan))[0]->words), $found);

        return (float) ($found[1] ?? 0.0);
    }

    private static function integrated(Plan $plan): float
    {
        $tank = $plan->tanks[0];
        $line = Workings::over($plan)->of(LineWorkings::class);
        $outlet = $line->graph->outlets[0]->id;
        $minutes = 0.0;
        $depthMm = $tank->overflowMm() - $tank->outletHeightMm;
        for ($step = 0; $step < self::FINE; ++$step) {
            $below = static fn (float $part): float => $tank->inside()->litresBelow($tank->outletHeightMm + $part * $depthMm) * (1 - $tank->baffledFraction());
            $lpm = $line->solve(new LineCase([$outlet], fill: ($step + 0.5) / self::FINE))->outlets[$outlet]->lpm;
            $minutes += ($below(($step + 1) / self::FINE) - $below($step / self::FINE)) / $lpm;
        }

        return $minutes;
    }

    public function testTheTanksOwnShapeDecides(): void
    {
        $tank = self::plan(null)->tanks[0];
        $fullL = $tank->lengthMm * $tank->widthMm * $tank->heightMm / 1e6;
        // Half of the depth holds a fifth: wide at the top.
        $wide = self::plan([[$tank->heightMm / 2, 0.1 * $fullL], [$tank->heightMm, 0.5 * $fullL]]);
        foreach ([self::plan(null), $wide] as $plan) {
            self::assertEqualsWithDelta(self::integrated($plan), self::shown($plan), 0.06 + 0.01 * self::integrated($plan));
        }
        $perLitre = static fn (Plan $plan): float => self::shown($plan) / $plan->tanks[0]->inside()->litresBelow($plan->tanks[0]->overflowMm());
        self::assertLessThan(0.99 * $perLitre(self::plan(null)), $perLitre($wide));
    }

    public function testTanksAlikeTakeAsLongAsTheirWaterTogether(): void
    {
        $two = PlanPatch::replace('/tanks/0/count', 2)->applyTo(self::plan(null));
        self::assertEqualsWithDelta(2 * self::shown(self::plan(null)), self::shown($two), 0.11);
    }
}
