<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

/** The ends of one's own parts as they were kept earlier: for each port a system and a size in words, which nothing read. */
final class OldEnds
{
    private const STANDARDS = ['parallel' => 'iso_228', 'tapered' => 'iso_7'];

    /**
     * @param array<array-key, mixed> $ends decoded
     *
     * @return string|null as PortEnds reads them; what names a hose, and what cannot be read, stays as it was typed, to be measured
     */
    public static function text(array $ends): ?string
    {
        $texts = [];
        foreach ($ends as $end) {
            if ($end instanceof \stdClass && \is_string($end->port ?? null) && \is_string($end->system ?? null) && \is_string($end->size ?? null)) {
                $texts[] = $end->port.': '.self::one($end->system, $end->size);
            }
        }

        return [] === $texts ? null : implode('; ', $texts);
    }

    private static function one(string $system, string $size): string
    {
        return match (true) {
            'barb' === $system => 'barb for a hose of '.$size,
            'crimp' === $system => 'crimp '.str_replace(' mm', '', $size),
            'thread' === $system && 1 === preg_match('~^(\d[\d/ ]*) (parallel|tapered) (male|female)$~', $size, $is) => \sprintf(
                'thread %s %s %s',
                $is[1],
                self::STANDARDS[$is[2]],
                $is[3],
            ),
            default => $system.' '.$size,
        };
    }
}
