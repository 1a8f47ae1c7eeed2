<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** The heads of nodes where nothing flows: each part passes on what stands before it, and the most counts. */
final class StandingHeads
{
    private const NOTHING_LPM = 1e-6;
    private const NOTHING_KPA = 1e-9;

    /** @return array<int, float|null> by node; null where no source reaches it forward */
    public static function complete(LineNetwork $network, LineSolution $solution): array
    {
        $known = self::joined($network, $solution);
        $heads = [];
        foreach (array_keys($network->ids) as $node) {
            $heads[] = isset($known[$node]) ? $solution->heads[$node] : null;
        }
        // Each round passes a pressure on by one link at least.
        $raised = array_keys($known);
        for ($round = 0; [] !== $raised && $round < \count($network->links); ++$round) {
            $next = [];
            foreach ($raised as $node) {
                foreach ($network->ways->leaving[$node] ?? [] as [$number, $to]) {
                    if (isset($known[$to])) {
                        continue;
                    }
                    [$link, $from] = $network->links[$number];
                    $head = $from === $node ? $link->standing($heads[$node] ?? 0.0, $network->ground[$to]) : $heads[$node] ?? 0.0;
                    if (null === $heads[$to] || $head > $heads[$to] + self::NOTHING_KPA) {
                        $heads[$to] = $head;
                        $next[$to] = $to;
                    }
                }
            }
            $raised = $next;
        }

        return $heads;
    }

    /** @return array<int, true> the nodes that hang together with a source by what flows or is open both ways */
    private static function joined(LineNetwork $network, LineSolution $solution): array
    {
        $known = array_map(static fn (): bool => true, $network->fixed);
        do {
            $found = false;
            foreach ($solution->flows as $number => $lpm) {
                [, $from, $to, $isForwardOnly] = $network->links[$number];
                if (isset($known[$from]) !== isset($known[$to]) && (!$isForwardOnly || $lpm > self::NOTHING_LPM)) {
                    $known[$from] = $known[$to] = $found = true;
                }
            }
        } while ($found);

        return $known;
    }
}
