<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Every measured field of the plan by its JSON Pointer, list indices written as `*`. The reader, the typed text and the readings all go by it. */
final class PlanFields
{
    /** pointer => [what, kind, stored unit, min, max] */
    private const TABLE = [
        '/use/crew' => ['the number of people', Kind::Count, Unit::One, 1, 60],
        '/use/days' => ['the days between two fills', Kind::Days, Unit::Day, 0.25, 120],
        '/use/reserve' => ['the reserve', Kind::Share, Unit::Fraction, 0, 1],
        '/use/uses/*/litres' => ['the water for one time', Kind::Volume, Unit::Litre, 0, 500],
        '/use/uses/*/flow_lpm' => ['the flow while it runs', Kind::Flow, Unit::LitrePerMinute, 0, 40],
        '/use/uses/*/minutes' => ['the time for which it runs', Kind::Duration, Unit::Minute, 0, 120],
        '/use/uses/*/times' => ['the number of times', Kind::Count, Unit::One, 0, 100],
        '/use/uses/*/spread' => ['the likely spread', Kind::Share, Unit::Fraction, 0, 1],
        '/load/travel_fill' => ['how full to travel', Kind::Share, Unit::Fraction, 0, 1],
        '/load/loads/*/kg' => ['what a load weighs', Kind::Mass, Unit::Kilogram, 0, 5000],
        '/load/loads/*/x_m' => ['a load\'s place along the rig', Kind::Length, Unit::Metre, -10, 20],
        '/load/loads/*/y_m' => ['a load\'s place across the rig', Kind::Sideways, Unit::Metre, -3, 3],
        '/load/loads/*/z_m' => ['a load\'s height', Kind::Length, Unit::Metre, 0, 5],
        '/load/rig/length_m' => ['the rig\'s length', Kind::Length, Unit::Metre, 1, 20],
        '/load/rig/width_m' => ['the rig\'s width', Kind::Length, Unit::Metre, 0.5, 6],
        '/load/rig/height_m' => ['the rig\'s height', Kind::Length, Unit::Metre, 0.5, 5],
        '/load/rig/floor_m' => ['the height of the floor', Kind::Length, Unit::Metre, 0, 2],
        '/load/rig/front_overhang_m' => ['the overhang before the front axle', Kind::Length, Unit::Metre, 0, 3],
        '/load/rig/wheelbase_m' => ['the wheelbase', Kind::Length, Unit::Metre, 1, 10],
        '/load/rig/track_m' => ['the track', Kind::Length, Unit::Metre, 0.5, 3],
        '/load/rig/gross_limit_kg' => ['the gross limit', Kind::Mass, Unit::Kilogram, 100, 40000],
        '/load/rig/front/limit_kg' => ['the front axle\'s limit', Kind::Mass, Unit::Kilogram, 50, 20000],
        '/load/rig/front/weighed_kg' => ['the weighed front axle', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/front/estimated_kg' => ['the estimate for the front axle', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/rear/limit_kg' => ['the rear axle\'s limit', Kind::Mass, Unit::Kilogram, 50, 20000],
        '/load/rig/rear/weighed_kg' => ['the weighed rear axle', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/rear/estimated_kg' => ['the estimate for the rear axle', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/coupling_to_body_m' => ['the distance from coupling to body', Kind::Length, Unit::Metre, 0, 5],
        '/load/rig/coupling_to_axle_m' => ['the distance from coupling to axle', Kind::Length, Unit::Metre, 0.5, 12],
        '/load/rig/weighed_kg' => ['the weighed trailer', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/estimated_kg' => ['the estimate for the trailer', Kind::Mass, Unit::Kilogram, 0, 20000],
        '/load/rig/nose_weighed_kg' => ['the weighed nose', Kind::Mass, Unit::Kilogram, -500, 2000],
        '/load/rig/nose_estimated_kg' => ['the estimate for the nose', Kind::Mass, Unit::Kilogram, -500, 2000],
        '/load/rig/nose_limit_kg' => ['the nose limit', Kind::Mass, Unit::Kilogram, 10, 2000],
        '/load/rig/axle_limit_kg' => ['the axle\'s limit', Kind::Mass, Unit::Kilogram, 50, 20000],
        '/load/rig/displacement_kg' => ['the displacement', Kind::Mass, Unit::Kilogram, 100, 60000],
        '/load/rig/gm_m' => ['the metacentric height', Kind::Length, Unit::Metre, 0.05, 5],
        '/load/rig/load_limit_kg' => ['the load limit', Kind::Mass, Unit::Kilogram, 50, 20000],
        '/tanks/*/length_mm' => ['a tank\'s length', Kind::Length, Unit::Millimetre, 20, 4000],
        '/tanks/*/width_mm' => ['a tank\'s width', Kind::Length, Unit::Millimetre, 20, 4000],
        '/tanks/*/height_mm' => ['a tank\'s height', Kind::Length, Unit::Millimetre, 20, 2000],
        '/tanks/*/outlet_height_mm' => ['the outlet\'s height above the tank\'s floor', Kind::Length, Unit::Millimetre, 0, 2000],
        '/tanks/*/overflow_height_mm' => ['the overflow\'s height above the tank\'s floor', Kind::Length, Unit::Millimetre, 1, 2000],
        '/tanks/*/displaced_fraction' => ['the share that baffles take', Kind::Share, Unit::Fraction, 0, 0.5],
        '/tanks/*/empty_kg' => ['what a tank weighs empty', Kind::Mass, Unit::Kilogram, 0, 300],
        '/tanks/*/travel_fill' => ['how full this tank travels', Kind::Share, Unit::Fraction, 0, 1],
        '/tanks/*/x_m' => ['a tank\'s place along the rig', Kind::Length, Unit::Metre, -10, 20],
        '/tanks/*/y_m' => ['a tank\'s place across the rig', Kind::Sideways, Unit::Metre, -3, 3],
        '/tanks/*/z_m' => ['the height of a tank\'s underside', Kind::Length, Unit::Metre, 0, 4],
    ];

    /** @var array<string, PlanField> fields found before, by pattern */
    private static array $known = [];

    /** @return list<string> all pointers, with `*` for a list index */
    public static function pointers(): array
    {
        return array_keys(self::TABLE);
    }

    /** The field at a pointer; null when nothing measured stands there. */
    public static function at(string $pointer): ?PlanField
    {
        return self::of((string) preg_replace('#/\d+(?=/)#', '/*', $pointer));
    }

    /** The field at a pointer whose list indices are written as `*`. */
    public static function of(string $pattern): ?PlanField
    {
        if (isset(self::$known[$pattern])) {
            return self::$known[$pattern];
        }
        $row = self::TABLE[$pattern] ?? null;

        return null === $row ? null : self::$known[$pattern] = new PlanField($row[0], $row[1], $row[2], Range::between($row[3], $row[4]));
    }

    /** Reads a measured field. A $default makes it optional. */
    public static function number(InputReader $in, string $key, ?float $default = null): float
    {
        return $in->number($key, self::known($in, $key)->range, $default);
    }

    public static function optionalNumber(InputReader $in, string $key): ?float
    {
        return $in->optionalNumber($key, self::known($in, $key)->range);
    }

    private static function known(InputReader $in, string $key): PlanField
    {
        return self::of($in->pattern.'/'.$key) ?? throw new \LogicException($in->pattern.'/'.$key.' is not in the table of plan fields.');
    }
}
