<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;

/** What stands in a row between one end of the line and the first branch. */
final class InletPath
{
    /**
     * @return list<LineEnd> the parts that have one way in and one out, each at the port at which they are come to, and at last what they lead to,
     *                       where they lead to anything
     */
    public static function from(LineEnd $begin, LineGraph $graph): array
    {
        $ends = [];
        $seen = [];
        $key = $begin->key;
        while (null !== ($pipe = $graph->atPort[$key] ?? null) && !isset($seen[$key])) {
            $seen[$key] = true;
            $end = $pipe->from->key === $key ? $pipe->to : $pipe->from;
            $ends[] = $end;
            $seen[$end->key] = true;
            if (!$end->owner instanceof PlannedPart || !$end->owner->kind->isInPath()) {
                break;
            }
            $key = $end->owner->port(PartPort::In === $end->port ? PartPort::Out : PartPort::In);
        }

        return $ends;
    }
}
