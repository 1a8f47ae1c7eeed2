<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/** From version 6 to 7: people are counted whole; half a person becomes one. */
final class WholePeople
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $use = $old->use ?? null;
        if ($use instanceof \stdClass && \is_float($use->crew ?? null)) {
            $new->use = clone $use;
            $new->use->crew = ceil($use->crew);
        }

        return $new;
    }
}
