<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/** From version 7 to 8: a weighing says whether the line was in. It was, drained, where the empty tanks were; otherwise it was not fitted yet. */
final class LineWhenWeighed
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $load = $old->load ?? null;
        $rig = $load instanceof \stdClass ? $load->rig ?? null : null;
        if ($load instanceof \stdClass && $rig instanceof \stdClass && \is_bool($rig->weighed_with_tanks ?? null)) {
            $new->load = clone $load;
            $new->load->rig = clone $rig;
            $new->load->rig->weighed_with_line = $rig->weighed_with_tanks ? 'drained' : 'out';
        }

        return $new;
    }
}
