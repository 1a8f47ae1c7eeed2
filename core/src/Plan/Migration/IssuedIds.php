<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

use YardCask\Core\Plan\IssuedNumbers;

/** From version 9 to 10: the highest number that was ever issued for each kind of part, as far as its parts still tell. */
final class IssuedIds
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $new->issued = (object) (new IssuedNumbers())->with(self::ids($old))->highest;

        return $new;
    }

    /** @return iterable<string> */
    private static function ids(mixed $node): iterable
    {
        if ($node instanceof \stdClass && \is_string($node->id ?? null)) {
            yield $node->id;
        }
        foreach ($node instanceof \stdClass || \is_array($node) ? (array) $node : [] as $child) {
            yield from self::ids($child);
        }
    }
}
