<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** The ends of all ports of a part in one line: “in: barb 13.8; out: thread 1/2 iso_228 male”. */
final class PortEnds
{
    public const LONGEST = 600;

    /** @return array<string, PortEnd> by the port; of what is written without a port, by '' */
    public static function read(?string $text): array
    {
        $ends = [];
        foreach (null === $text ? [] : explode(';', $text) as $one) {
            $parts = explode(':', $one, 2);
            $ends[isset($parts[1]) ? trim($parts[0]) : ''] = PortEnd::read(trim($parts[1] ?? $parts[0]));
        }

        return $ends;
    }

    /** @param array<string, PortEnd> $ends by the port */
    public static function write(array $ends): string
    {
        return implode('; ', array_map(static fn (string $port, PortEnd $end): string => $port.': '.$end, array_keys($ends), $ends));
    }
}
