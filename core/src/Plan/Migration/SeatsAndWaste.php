<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

use YardCask\Core\Plan\Field\FreeName;

/**
 * From version 1 to 2. Tanks say what they hold instead of which supply they feed, and may stand for several alike; uses say
 * where they drain to; people sit on seats; a rig says who built it and what was aboard when it was weighed.
 *
 * What does not have the form of version 1 is left as it is: the reader explains it at its place.
 */
final class SeatsAndWaste
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = unserialize(serialize($old), ['allowed_classes' => [\stdClass::class]]);
        if (!$new instanceof \stdClass) {
            return $old;
        }
        $use = ($new->use ?? null) instanceof \stdClass ? $new->use : new \stdClass();
        $names = [];
        self::each($use->uses ?? null, static function (\stdClass $use) use (&$names): void {
            self::named($use, $names);
            $use->drains_to = 'drinking' === ($use->supply ?? null) ? 'nothing' : 'outside';
        });
        $names = [];
        self::each($new->tanks ?? null, static function (\stdClass $tank) use (&$names): void {
            $tank->holds = match ($tank->supply ?? null) {
                'main' => 'fresh',
                'drinking' => 'drinking',
                default => $tank->supply ?? null,
            };
            unset($tank->supply);
            $tank->count = 1;
            self::named($tank, $names);
        });
        if (($new->load ?? null) instanceof \stdClass) {
            $names = [];
            self::each($new->load->loads ?? null, static function (\stdClass $load) use (&$names): void {
                self::named($load, $names);
            });
            self::seats($new->load, $use->crew ?? null);
            self::rig($new->load->rig ?? null);
        }

        return $new;
    }

    /** The load that was called the crew becomes one seat a person, all at its place, and its weight is shared among them. */
    private static function seats(\stdClass $load, mixed $crew): void
    {
        $load->seats = [];
        $loads = \is_array($load->loads ?? null) ? $load->loads : [];
        $people = \is_int($crew) || \is_float($crew) ? (int) ceil(min(60, $crew)) : 0;
        foreach ($loads as $index => $one) {
            $isCrew = $one instanceof \stdClass && 'crew' === ($one->id ?? null) && str_starts_with(\is_string($one->name ?? null) ? $one->name : '', 'Crew');
            if (!$isCrew || $people < 1 || !is_numeric($one->kg ?? null)) {
                continue;
            }
            for ($i = 1; $i <= $people; ++$i) {
                $load->seats[] = (object) [
                    'id' => 'seat-'.$i,
                    'name' => 'Person '.$i,
                    'kg' => round($one->kg / $people, 6),
                    'x_m' => $one->x_m ?? null,
                    'y_m' => $one->y_m ?? null,
                    'z_m' => $one->z_m ?? null,
                ];
            }
            unset($loads[$index]);
        }
        if (\is_array($load->loads ?? null)) {
            $load->loads = array_values($loads);
        }
    }

    private static function rig(mixed $rig): void
    {
        $kind = $rig instanceof \stdClass ? $rig->kind ?? null : null;
        if (!$rig instanceof \stdClass || !\in_array($kind, ['road', 'trailer'], true)) {
            return;
        }
        $rig->build = 'delivered';
        $rig->weighed_with_tanks = false;
        if ('road' === $kind) {
            $rig->weighed_with_driver = false;
            $rig->weighed_fuel = 1;
            $rig->fuel_kg = 60;
        }
    }

    /** @param callable(\stdClass): void $do */
    private static function each(mixed $list, callable $do): void
    {
        foreach (\is_array($list) ? $list : [] as $one) {
            if ($one instanceof \stdClass) {
                $do($one);
            }
        }
    }

    /**
     * A name that no part before it in the list has.
     *
     * @param list<string> $names
     */
    private static function named(\stdClass $part, array &$names): void
    {
        if (\is_string($part->name ?? null)) {
            $names[] = $part->name = FreeName::of($part->name, $names);
        }
    }
}
