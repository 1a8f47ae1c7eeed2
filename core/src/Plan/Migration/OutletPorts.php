<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Migration;

/**
 * From version 8 to 9: a pipe draws at a port of its tank. A tank that a pipe joins gets an outlet at the height that it had, in the middle
 * of its front or through the cap of a can or a bag; how much room its fitting needs nobody has said.
 */
final class OutletPorts
{
    private const LEAST_BORE_MM = 3;
    private const MOST_BORE_MM = 120;

    public static function migrated(\stdClass $old): \stdClass
    {
        $new = clone $old;
        $pipes = ($old->line ?? null) instanceof \stdClass && \is_array($old->line->pipes ?? null) ? $old->line->pipes : null;
        if (null === $pipes || !\is_array($old->tanks ?? null)) {
            return $new;
        }
        $taken = (string) json_encode($old);
        $number = 0;
        $ports = [];
        $tanks = $old->tanks;
        foreach ($tanks as $index => $tank) {
            $bore = $tank instanceof \stdClass && \is_string($tank->id ?? null) ? self::boreAt($tank->id.'.outlet', $pipes) : null;
            $had = $tank instanceof \stdClass ? $tank->ports ?? [] : [];
            if (null === $bore || !\is_array($had)) {
                continue;
            }
            do {
                $id = 'outlet-'.++$number;
            } while (str_contains($taken, '"'.$id.'"'));
            $ports[$tank->id.'.outlet'] = $tank->id.'.'.$id;
            $tanks[$index] = clone $tank;
            $tanks[$index]->ports = [...$had, self::port($id, $tank, $had, $bore)];
        }
        $new->tanks = $tanks;
        $new->line = clone $old->line;
        $new->line->pipes = array_map(static fn (mixed $pipe): mixed => $pipe instanceof \stdClass ? self::pipe($pipe, $ports) : $pipe, $pipes);

        return $new;
    }

    /** @param array<mixed> $pipes */
    private static function boreAt(string $port, array $pipes): int|float|null
    {
        foreach ($pipes as $pipe) {
            if ($pipe instanceof \stdClass && \in_array($port, [$pipe->from ?? null, $pipe->to ?? null], true)) {
                $bore = $pipe->bore_mm ?? null;

                return \is_int($bore) || \is_float($bore) ? max(self::LEAST_BORE_MM, min(self::MOST_BORE_MM, $bore)) : self::LEAST_BORE_MM;
            }
        }

        return null;
    }

    /** @param array<mixed> $ports that it has */
    private static function port(string $id, \stdClass $tank, array $ports, int|float $bore): \stdClass
    {
        $mm = static fn (string $key): int|float => \is_int($tank->{$key} ?? null) || \is_float($tank->{$key} ?? null) ? $tank->{$key} : 0;
        $isFixed = 'fixed' === ($tank->form ?? null);

        return (object) [
            'id' => $id,
            'name' => self::freeName($ports),
            'role' => 'outlet',
            'face' => $isFixed ? 'front' : 'top',
            'along_mm' => ($isFixed ? $mm('width_mm') : $mm('count') * $mm('length_mm')) / 2,
            'up_mm' => $isFixed ? min($mm('height_mm'), $mm('outlet_height_mm') + $bore / 2) : $mm('width_mm') / 2,
            'bore_mm' => $bore,
            'room_mm' => 0,
            'drilled' => true,
        ];
    }

    /** @param array<mixed> $ports */
    private static function freeName(array $ports): string
    {
        $names = array_column(array_filter($ports, static fn (mixed $port): bool => $port instanceof \stdClass), 'name');
        $name = 'Outlet';
        for ($number = 2; \in_array($name, $names, true); ++$number) {
            $name = 'Outlet '.$number;
        }

        return $name;
    }

    /** @param array<string, string> $ports what the outlets are called now */
    private static function pipe(\stdClass $pipe, array $ports): \stdClass
    {
        $new = clone $pipe;
        foreach (['from', 'to'] as $end) {
            if (\is_string($pipe->{$end} ?? null)) {
                $new->{$end} = $ports[$pipe->{$end}] ?? $pipe->{$end};
            }
        }

        return $new;
    }
}
