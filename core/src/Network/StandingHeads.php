<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** The heads of nodes where nothing flows: each part passes on what stands before it, and the most counts. */
final class StandingHeads
{
    private const NOTHING_LPM = 1e-6;

    /** @return array<int, float|null> by node; null where no source reaches it forward */
    public static function complete(LineNetwork $network, LineSolution $solution): array
    {
        $known = self::joined($network, $solution);
        $heads = [];
        foreach (array_keys($network->ids) as $node) {
            $heads[] = isset($known[$node]) ? $solution->heads[$node] : null;
        }
        // Each round passes a pressure on by one link at least.
        foreach ($network->links as $_) {
            $changed = false;
            foreach ($network->links as [$link, $from, $to]) {
                if ($link->isShut()) {
                    continue;
                }
                if (!isset($known[$to]) && null !== $heads[$from]) {
                    $changed = self::raise($heads, $to, $link->standing($heads[$from], $network->ground[$to])) || $changed;
                }
                if (!$link->isForwardOnly() && !isset($known[$from]) && null !== $heads[$to]) {
                    $changed = self::raise($heads, $from, $heads[$to]) || $changed;
                }
            }
            if (!$changed) {
                break;
            }
        }

        return $heads;
    }

    /**
     * @param array<int, float|null> $heads
     *
     * @param-out array<int, float|null> $heads
     */
    private static function raise(array &$heads, int $node, float $to): bool
    {
        if (null !== $heads[$node] && $to <= $heads[$node] + 1e-9) {
            return false;
        }
        $heads[$node] = $to;

        return true;
    }

    /** @return array<int, true> the nodes that hang together with a source by what flows or is open both ways */
    private static function joined(LineNetwork $network, LineSolution $solution): array
    {
        $known = array_map(static fn (): bool => true, $network->fixed);
        do {
            $found = false;
            foreach ($solution->flows as $number => $lpm) {
                [$link, $from, $to] = $network->links[$number];
                if (isset($known[$from]) !== isset($known[$to]) && (!$link->isForwardOnly() || $lpm > self::NOTHING_LPM)) {
                    $known[$from] = $known[$to] = $found = true;
                }
            }
        } while ($found);

        return $known;
    }
}
