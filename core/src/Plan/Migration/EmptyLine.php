<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/** From version 4 to 5: a plan has a line, at first without a part. */
final class EmptyLine
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $new->line = (object) ['parts' => [], 'pipes' => []];

        return $new;
    }
}
