<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedLevel;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Words\Phrase;

/** A line more in a tank's table, and another table in its place: the tank is then as high as its table, and overflows within it. */
final class LevelOffer
{
    /** As much above the last line as that lies above the one before it; null where the tank has no table, or one as long or as high as it can be. */
    public static function line(int $index, Plan $plan): ?Fix
    {
        $tank = $plan->tanks[$index];
        $last = $tank->levels[\count($tank->levels) - 1] ?? null;
        if (null === $last || PlannedShape::Profile !== $tank->shape || \count($tank->levels) >= PlannedTank::MOST_LEVELS) {
            return null;
        }
        $before = $tank->levels[\count($tank->levels) - 2] ?? new PlannedLevel('floor', 0.0, 0.0);
        $heightMm = 2 * $last->heightMm - $before->heightMm;
        // No more than a box of its sizes holds.
        $litres = min(2 * $last->litres - $before->litres, $tank->lengthMm * $tank->widthMm * $heightMm / 1e6);
        if ($litres <= $last->litres || !PartFields::holds(PlannedTank::class, 'height_mm', $heightMm)) {
            return null;
        }
        $level = new PlannedLevel(FreeId::of('level', $plan), $heightMm, $litres);
        $raised = $heightMm > $tank->heightMm ? PlanPatch::replace('/tanks/'.$index.'/height_mm', $heightMm) : PlanPatch::none();

        return new Fix(new Phrase('tanks.fix.add-level'), $raised->and(PlanPatch::append('/tanks/'.$index.'/levels', $level)));
    }

    /** @param non-empty-list<PlannedLevel> $levels in the order of their heights */
    public static function table(int $index, array $levels, Plan $plan): PlanPatch
    {
        $tank = $plan->tanks[$index];
        $topMm = $levels[\count($levels) - 1]->heightMm;
        $patch = PlanPatch::replace('/tanks/'.$index.'/levels', $levels);
        if ($topMm > $tank->heightMm) {
            $patch = $patch->and(PlanPatch::replace('/tanks/'.$index.'/height_mm', $topMm));
        }

        return $tank->overflowHeightMm > $topMm ? $patch->and(PlanPatch::replace('/tanks/'.$index.'/overflow_height_mm', $topMm)) : $patch;
    }
}
