<?php

declare(strict_types=1);

namespace YardCask\Core\Line;

/** Heads and flows of the live part of a network, for given states of its regulators. */
final readonly class LineSolution
{
    private const MOST_ITERATIONS = 200;
    private const WHOLE_STEPS = 20;
    private const PART = 0.6;
    /** L/min to begin with, where nothing is known. */
    private const GUESS_LPM = 4.0;
    /** What a flow of 1 L/min backward through what lets nothing back would take, in kPa. */
    private const SHUT_KPA = 1e9;
    /** A link is never taken as flatter than this, in kPa per L/min. */
    private const FLATTEST = 1e-6;
    /** Below it losses are taken as straight: at nothing a square is flat, and what shares a loop would never come to rest. */
    private const LEAST_LPM = 1e-4;
    private const CONVERGED = 3e-9;

    /**
     * @param array<int, float> $heads by node, of those that are live or have a source
     * @param array<int, float> $flows by link, of those that are live
     * @param array<int, float> $outletFlows by outlet
     */
    private function __construct(
        public array $heads,
        public array $flows,
        public array $outletFlows,
        public bool $converged,
        public int $iterations,
    ) {
    }

    /**
     * @param array<int, true> $live the links through which something can flow
     * @param array<int, RegulatorState> $states of the regulators among them
     * @param self|null $start that of a network much like it
     */
    public static function of(LineNetwork $network, array $live, array $states, ?self $start): self
    {
        $heads = $network->fixed;
        // Behind a regulator that holds its pressure the head is known; what it passes is taken out before it.
        $holding = [];
        $edges = [];
        foreach ($live as $number => $_) {
            [$link, $from, $to] = $network->links[$number];
            $state = $states[$number] ?? null;
            if (RegulatorState::Holding === $state && $link instanceof RegulatorLink && !isset($heads[$to])) {
                $heads[$to] = $link->setKpa + $network->ground[$to];
                $holding[$number] = [$from, $to];
            } elseif (null === $state || RegulatorState::Open === $state) {
                $edges[$number] = [$link, $from, $to];
            }
        }
        $unknown = [];
        foreach ($live as $number => $_) {
            foreach ([$network->links[$number][1], $network->links[$number][2]] as $node) {
                if (!isset($heads[$node])) {
                    $unknown[$node] ??= \count($unknown);
                }
            }
        }
        $taps = [];
        foreach ($network->outlets as $number => [$outlet, $node]) {
            if ($outlet->open > 0 && (isset($unknown[$node]) || isset($heads[$node]))) {
                $taps[$number] = [$outlet, $node];
            }
        }
        $pairs = [];
        foreach ($edges as [, $from, $to]) {
            if (isset($unknown[$from], $unknown[$to])) {
                $pairs[] = [$unknown[$from], $unknown[$to]];
            }
        }
        $size = \count($unknown);
        $elimination = new Elimination($size, $pairs);
        $flows = $tapFlows = $held = [];
        foreach ($edges as $number => $_) {
            $flows[$number] = $start->flows[$number] ?? self::GUESS_LPM;
        }
        foreach ($taps as $number => $_) {
            $tapFlows[$number] = $start->outletFlows[$number] ?? self::GUESS_LPM;
        }
        foreach ($holding as $number => $_) {
            $held[$number] = max(0.0, $start->flows[$number] ?? self::GUESS_LPM);
        }
        $entries = $elimination->entries();
        $converged = false;
        $iteration = 0;
        while (!$converged && $iteration < self::MOST_ITERATIONS) {
            ++$iteration;
            $diagonal = $right = array_fill(0, $size, 0.0);
            $off = array_fill(0, $entries, 0.0);
            $taken = [];
            foreach ($edges as $number => [$link, $from, $to]) {
                [$kpa, $slope] = self::loss($link, $flows[$number]);
                $conductance = 1 / $slope;
                $taken[$number] = [$kpa, $conductance];
                $constant = $flows[$number] - $kpa * $conductance;
                $a = $unknown[$from] ?? null;
                $b = $unknown[$to] ?? null;
                if (null !== $a) {
                    $diagonal[$a] += $conductance;
                    $right[$a] -= $constant - (null === $b ? $conductance * $heads[$to] : 0.0);
                }
                if (null !== $b) {
                    $diagonal[$b] += $conductance;
                    $right[$b] += $constant + (null === $a ? $conductance * $heads[$from] : 0.0);
                }
                if (null !== $a && null !== $b) {
                    $off[$elimination->slot($a, $b)] -= $conductance;
                }
            }
            $tapped = [];
            foreach ($taps as $number => [$outlet, $node]) {
                [$kpa, $slope] = self::tapLoss($outlet, $tapFlows[$number]);
                $conductance = 1 / $slope;
                $tapped[$number] = [$kpa, $conductance];
                $a = $unknown[$node] ?? null;
                if (null !== $a) {
                    $diagonal[$a] += $conductance;
                    $right[$a] += $kpa * $conductance - $tapFlows[$number] + $conductance * $network->ground[$node];
                }
            }
            foreach ($holding as $number => [$from]) {
                if (isset($unknown[$from])) {
                    $right[$unknown[$from]] -= $held[$number];
                }
            }
            foreach ($diagonal as $index => $value) {
                // A node on which nothing hangs but what is shut.
                if ($value <= 0.0) {
                    $diagonal[$index] = 1.0;
                }
            }
            $found = $elimination->solve($diagonal, $off, $right);
            foreach ($unknown as $node => $index) {
                $heads[$node] = $found[$index];
            }
            // What shuts and opens in turn is brought together in smaller steps.
            $part = $iteration > self::WHOLE_STEPS ? self::PART : 1.0;
            $change = $sum = 0.0;
            foreach ($edges as $number => [, $from, $to]) {
                [$kpa, $conductance] = $taken[$number];
                $next = $flows[$number] + $part * ($heads[$from] - $heads[$to] - $kpa) * $conductance;
                $change = max($change, abs($next - $flows[$number]));
                $sum += abs($next);
                $flows[$number] = $next;
            }
            foreach ($taps as $number => [, $node]) {
                [$kpa, $conductance] = $tapped[$number];
                $next = $tapFlows[$number] + $part * ($heads[$node] - $network->ground[$node] - $kpa) * $conductance;
                $change = max($change, abs($next - $tapFlows[$number]));
                $sum += abs($next);
                $tapFlows[$number] = $next;
            }
            foreach ($holding as $number => [, $at]) {
                $next = self::leaves($at, $edges, $flows, $taps, $tapFlows);
                $change = max($change, abs($next - $held[$number]));
                $held[$number] = $next;
            }
            $converged = $change <= self::CONVERGED * max(1.0, $sum);
        }

        return new self($heads, $flows + $held, $tapFlows, $converged, $iteration);
    }

    /** @return array{float, float} kPa, and kPa per L/min, never nothing */
    private static function loss(LineLink $link, float $lpm): array
    {
        if ($lpm < 0 && $link->isForwardOnly()) {
            [$kpa] = $link->loss(0.0);

            return [$kpa + self::SHUT_KPA * $lpm, self::SHUT_KPA];
        }
        [$kpa, $slope] = $link->loss($lpm);
        if (abs($lpm) < self::LEAST_LPM && 0.0 === $link->loss(0.0)[0]) {
            $slope = $link->loss(self::LEAST_LPM)[0] / self::LEAST_LPM;
            $kpa = $slope * $lpm;
        }

        return [$kpa, max(self::FLATTEST, $slope)];
    }

    /** @return array{float, float} */
    private static function tapLoss(LineOutlet $outlet, float $lpm): array
    {
        if ($lpm < 0) {
            return [self::SHUT_KPA * $lpm, self::SHUT_KPA];
        }
        if ($lpm < self::LEAST_LPM) {
            $slope = $outlet->loss(self::LEAST_LPM)[0] / self::LEAST_LPM;

            return [$slope * $lpm, $slope];
        }

        return $outlet->loss($lpm);
    }

    /**
     * What leaves a node by its links and outlets, so what has to come by the regulator.
     *
     * @param array<int, array{LineLink, int, int}> $edges
     * @param array<int, float> $flows
     * @param array<int, array{LineOutlet, int}> $taps
     * @param array<int, float> $tapFlows
     */
    private static function leaves(int $node, array $edges, array $flows, array $taps, array $tapFlows): float
    {
        $lpm = 0.0;
        foreach ($edges as $number => [, $from, $to]) {
            $lpm += $node === $from ? $flows[$number] : ($node === $to ? -$flows[$number] : 0.0);
        }
        foreach ($taps as $number => [, $at]) {
            $lpm += $node === $at ? $tapFlows[$number] : 0.0;
        }

        return $lpm;
    }
}
