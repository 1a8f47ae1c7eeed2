<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Spoken\SpokenField;
use YardCask\Core\Plan\Spoken\SpokenFields;
use YardCask\Core\Quantity\QuantityFormat;

/** What lies between two states of a plan, in words: “Tail tank, height: 300 mm → 350 mm; Spare can added”. */
final class PlanChanges
{
    private const MOST_SPOKEN = 3;

    /** The first few changes on one line and how many more there are; empty when the states are the same. */
    public static function inWords(Plan $before, Plan $after): string
    {
        $changes = self::between($before, $after);
        $more = \count($changes) - self::MOST_SPOKEN;

        return implode('; ', \array_slice($changes, 0, self::MOST_SPOKEN)).($more > 0 ? \sprintf(' and %d more', $more) : '');
    }

    /** @return list<string> parts added and taken away first, then the fields in the order of the plan; values in the units of the later state */
    public static function between(Plan $before, Plan $after): array
    {
        $format = new QuantityFormat($after->units);
        [$old, $new] = [SpokenFields::of($before, $format), SpokenFields::of($after, $format)];
        $changes = [];
        foreach (self::outermost($new->parts, $old->parts) as $name) {
            $changes[] = $name.' added';
        }
        foreach (self::outermost($old->parts, $new->parts) as $name) {
            $changes[] = $name.' removed';
        }
        foreach ($new->fields + $old->fields as $place => $field) {
            if (self::isWithin($place, $old->parts) && self::isWithin($place, $new->parts)) {
                $changes[] = SpokenField::change($old->fields[$place] ?? null, $new->fields[$place] ?? null);
            }
        }

        return array_values(array_filter($changes, static fn (?string $change): bool => null !== $change));
    }

    /**
     * @param array<string, string> $here names of parts by their places
     * @param array<string, string> $there
     *
     * @return list<string> of those that are only here, and in no other such part
     */
    private static function outermost(array $here, array $there): array
    {
        $only = array_diff_key($here, $there);

        return array_values(array_filter($only, static function (string $place) use ($only): bool {
            while (1 === preg_match('#^(.*/@[^/]+)/.*$#', $place, $around)) {
                $place = $around[1];
                if (isset($only[$place])) {
                    return false;
                }
            }

            return true;
        }, \ARRAY_FILTER_USE_KEY));
    }

    /** @param array<string, string> $parts */
    private static function isWithin(string $place, array $parts): bool
    {
        return 1 !== preg_match('#^.*/@[^/]+#', $place, $part) || isset($parts[$part[0]]);
    }
}
