<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/** From version 6 to 7: a tank says whether it is poured by hand. Cans and bags that no pipe of the line joins are, so that their water counts as before. */
final class PouredCans
{
    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        if (!\is_array($old->tanks ?? null)) {
            return $new;
        }
        $pipes = ($old->line ?? null) instanceof \stdClass && \is_array($old->line->pipes ?? null) ? $old->line->pipes : [];
        $joined = [];
        foreach ($pipes as $pipe) {
            foreach ($pipe instanceof \stdClass ? [$pipe->from ?? null, $pipe->to ?? null] : [] as $port) {
                $joined[] = \is_string($port) ? explode('.', $port)[0] : null;
            }
        }
        $new->tanks = array_map(static fn (mixed $tank): mixed => $tank instanceof \stdClass ? self::tank($tank, $joined) : $tank, $old->tanks);

        return $new;
    }

    /** @param list<string|null> $joined ids of what the pipes of the line join */
    private static function tank(\stdClass $tank, array $joined): \stdClass
    {
        $new = clone $tank;
        $new->poured = \in_array($tank->form ?? null, ['can', 'bag'], true) && !\in_array($tank->id ?? null, $joined, true);

        return $new;
    }
}
