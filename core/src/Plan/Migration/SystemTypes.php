<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/** From version 5 to 6: renames only. A line's `school` is its `system`, and a valve with three ports is a three-way valve, in the catalogue too. */
final class SystemTypes
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $line = $old->line ?? null;
        if (!$line instanceof \stdClass) {
            return $new;
        }
        $new->line = clone $line;
        if (isset($line->school)) {
            $new->line->system = $line->school;
            unset($new->line->school);
        }
        if (\is_array($line->parts ?? null)) {
            $new->line->parts = array_map(self::part(...), $line->parts);
        }

        return $new;
    }

    private static function part(mixed $part): mixed
    {
        if (!$part instanceof \stdClass || 'two_way_valve' !== ($part->kind ?? null)) {
            return $part;
        }
        $new = clone $part;
        $new->kind = 'three_way_valve';
        if (\is_string($part->stock ?? null)) {
            $new->stock = (string) preg_replace('/^two-way-/', 'three-way-', $part->stock);
        }

        return $new;
    }
}
