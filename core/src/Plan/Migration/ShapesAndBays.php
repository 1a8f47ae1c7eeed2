<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/**
 * From version 2 to 3. Tanks say their shape, until then each was a box, and have ports; a plan has bays, runs, and things that are fixed in the rig.
 * What does not have the form of version 2 is left as it is.
 */
final class ShapesAndBays
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $new->bays = [];
        $new->runs = [];
        if (($new->load ?? null) instanceof \stdClass) {
            $new->load = clone $new->load;
            $new->load->things = [];
        }
        if (\is_array($new->tanks ?? null)) {
            $new->tanks = array_map(
                static fn (mixed $tank): mixed => $tank instanceof \stdClass ? (object) ((array) $tank + ['shape' => 'box', 'ports' => []]) : $tank,
                $new->tanks,
            );
        }

        return $new;
    }
}
