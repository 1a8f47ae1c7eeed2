<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** Rounds the catalogue's figures, which are round in litres, millimetres and kilograms, in the chosen units. */
final class RoundFigures
{
    /** Every measured field but those of tanks, which are sized in the chosen units. */
    public static function of(Plan $plan): Plan
    {
        $patches = [];
        foreach (MeasuredFields::of($plan) as $pointer => $field) {
            $unit = $plan->units->for($field->named->is->kind);
            if (null === $field->value || str_starts_with($pointer, '/tanks/')) {
                continue;
            }
            $shown = Quantity::of($field->value, $field->named->is->unit)->in($unit);
            $step = self::step($unit, abs($shown));
            if (null === $step) {
                continue;
            }
            $value = round(Quantity::of(round($shown / $step) * $step, $unit)->in($field->named->is->unit), 6) + 0.0;
            if ($field->named->is->range->holds($value) && $value !== $field->value) {
                $patches[] = PlanPatch::replace($pointer, $value);
            }
        }

        return [] === $patches ? $plan : PlanPatch::all($patches)->applyTo($plan);
    }

    /** What a person would round to; null for units in which the catalogue is round already. */
    private static function step(Unit $unit, float $size): ?float
    {
        return match ($unit) {
            Unit::Inch => $size >= 40 ? 1.0 : 0.5,
            Unit::Pound => $size >= 1000 ? 50.0 : ($size >= 100 ? 5.0 : 1.0),
            Unit::UsGallon, Unit::ImperialGallon => $size >= 5 ? 0.5 : ($size >= 1 ? 0.25 : 0.05),
            Unit::UsGallonPerMinute, Unit::ImperialGallonPerMinute => 0.1,
            default => null,
        };
    }
}
