<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** The equations of a network at the flows of the moment, and the step from these to better ones. */
final class LineSystem
{
    /** L/min to begin with, where nothing is known. */
    private const GUESS_LPM = 4.0;
    /** What a flow of 1 L/min backward through what lets nothing back would take, in kPa. */
    private const SHUT_KPA = 1e9;
    /** What was taken as shut and is pushed through by more than that, a thousandth of a kPa over its steep rise, opens. */
    private const OPENS_LPM = 1e-12;
    /** A link is never taken as flatter than this, in kPa per L/min. */
    private const FLATTEST = 1e-6;
    /** Below it losses are taken as straight: at nothing a square is flat, and what shares a loop would never come to rest. */
    private const LEAST_LPM = 1e-4;

    /** @var array<int, float> by node, of those that have a source or at which chains end */
    private array $heads;
    /** @var array<int, float> by chain */
    private array $flows = [];
    /** @var array<int, float> by chain: the flows of which the heads were found */
    private array $before = [];
    /** @var array<int, float> by outlet */
    private array $outletFlows = [];
    /** @var array<int, float> by the regulators that hold their pressure: what they pass */
    private array $held = [];

    public function __construct(
        private readonly LineNetwork $network,
        private readonly LineShape $shape,
        ?LineSolution $start,
    ) {
        $this->heads = $network->fixed;
        foreach ($shape->holding as $number => [, $to]) {
            $link = $network->links[$number][0];
            $this->heads[$to] = ($link instanceof RegulatorLink ? $link->setKpa : 0.0) + $network->ground[$to];
            $this->held[$number] = max(0.0, $start->flows[$number] ?? self::GUESS_LPM);
        }
        foreach ($shape->chains as $chain) {
            $first = (int) array_key_first($chain->links);
            $this->flows[] = isset($start->flows[$first]) ? $chain->links[$first] * $start->flows[$first] : self::GUESS_LPM;
        }
        foreach ($shape->taps as $number => $_) {
            $this->outletFlows[$number] = $start->outletFlows[$number] ?? self::GUESS_LPM;
        }
    }

    /**
     * Heads by the balance of the nodes with every chain straight at its flow, then flows by those heads.
     *
     * @param float $part of the step that is taken, to 1
     *
     * @return array{float, float} the greatest change of a flow, without end where something opens, and all flows together, in L/min
     */
    public function step(float $part): array
    {
        $shape = $this->shape;
        $diagonal = $right = array_fill(0, \count($shape->unknown), 0.0);
        $off = array_fill(0, $shape->elimination->entries(), 0.0);
        $taken = $tapped = [];
        foreach ($shape->chains as $index => $chain) {
            $flow = $this->flows[$index];
            $kpa = $slope = 0.0;
            foreach ($chain->pipes as [$pipe, $lengthInBores, $kSum]) {
                [$one, $steep] = $pipe->lossOver($flow, $lengthInBores, $kSum);
                $kpa += $one;
                $slope += $steep;
            }
            foreach ($chain->parts as $number => $sign) {
                [$one, $steep] = self::loss($this->network->links[$number][0], $sign * $flow);
                $kpa += $sign * $one;
                $slope += $steep;
            }
            $slope = max(self::FLATTEST, $slope);
            $conductance = 1 / $slope;
            $taken[] = [$kpa, $conductance];
            if ($chain->from === $chain->to) {
                // It goes round and comes back: the heads have no part in it.
                continue;
            }
            [$a, $b, $slot] = $shape->places[$index];
            $constant = $flow - $kpa * $conductance;
            if ($a >= 0) {
                $diagonal[$a] += $conductance;
                $right[$a] -= $constant - ($b < 0 ? $conductance * $this->heads[$chain->to] : 0.0);
            }
            if ($b >= 0) {
                $diagonal[$b] += $conductance;
                $right[$b] += $constant + ($a < 0 ? $conductance * $this->heads[$chain->from] : 0.0);
            }
            if ($slot >= 0) {
                $off[$slot] -= $conductance;
            }
        }
        foreach ($shape->taps as $number => $node) {
            [$kpa, $slope] = self::tapLoss($this->network->outlets[$number][0], $this->outletFlows[$number]);
            $conductance = 1 / $slope;
            $tapped[$number] = [$kpa, $conductance];
            $a = $shape->unknown[$node] ?? null;
            if (null !== $a) {
                $diagonal[$a] += $conductance;
                $right[$a] += $kpa * $conductance - $this->outletFlows[$number] + $conductance * $this->network->ground[$node];
            }
        }
        foreach ($shape->holding as $number => [$from]) {
            if (isset($shape->unknown[$from])) {
                $right[$shape->unknown[$from]] -= $this->held[$number];
            }
        }
        foreach ($diagonal as $index => $value) {
            // A node on which nothing hangs but what is shut.
            $diagonal[$index] = $value > 0.0 ? $value : 1.0;
        }
        $found = $shape->elimination->solve($diagonal, $off, $right);
        foreach ($shape->unknown as $node => $index) {
            $this->heads[$node] = $found[$index];
        }

        return $this->follow($taken, $tapped, $part);
    }

    /**
     * @param list<array{float, float}> $taken by chain: its loss, and its conductance
     * @param array<int, array{float, float}> $tapped by outlet
     *
     * @return array{float, float}
     */
    private function follow(array $taken, array $tapped, float $part): array
    {
        $change = $sum = 0.0;
        $this->before = $this->flows;
        foreach ($this->shape->chains as $index => $chain) {
            [$kpa, $conductance] = $taken[$index];
            $step = $part * ($this->heads[$chain->from] - $this->heads[$chain->to] - $kpa) * $conductance;
            $this->flows[$index] += $step;
            $change = max($change, $this->opens($chain, $index) ? \INF : abs($step));
            $sum += abs($this->flows[$index]);
        }
        foreach ($this->shape->taps as $number => $node) {
            [$kpa, $conductance] = $tapped[$number];
            $step = $part * ($this->heads[$node] - $this->network->ground[$node] - $kpa) * $conductance;
            $this->outletFlows[$number] += $step;
            $change = max($change, abs($step));
            $sum += abs($this->outletFlows[$number]);
        }
        foreach ($this->shape->holding as $number => [, $at]) {
            $lpm = $this->leaves($at);
            $change = max($change, abs($lpm - $this->held[$number]));
            $this->held[$number] = $lpm;
        }

        return [$change, $sum];
    }

    /** Whether what lets nothing back was shut before the step and is open behind it: that is no end, however little flows yet. */
    private function opens(LineChain $chain, int $index): bool
    {
        foreach ($chain->oneWay as $sign) {
            if ($sign * $this->before[$index] < 0 && $sign * $this->flows[$index] > self::OPENS_LPM) {
                return true;
            }
        }

        return false;
    }

    /** What leaves a node by its chains and outlets, so what has to come by the regulator. */
    private function leaves(int $node): float
    {
        $lpm = 0.0;
        foreach ($this->shape->chains as $index => $chain) {
            $lpm += ($node === $chain->from ? $this->flows[$index] : 0.0) - ($node === $chain->to ? $this->flows[$index] : 0.0);
        }
        foreach ($this->shape->taps as $number => $at) {
            $lpm += $node === $at ? $this->outletFlows[$number] : 0.0;
        }

        return $lpm;
    }

    /** With the heads along each chain: they fall by what its links take, each as straight as it was when the heads at its ends were found. */
    public function solution(bool $converged, int $iterations): LineSolution
    {
        $heads = $this->heads;
        $flows = $this->held;
        foreach ($this->shape->chains as $index => $chain) {
            foreach ($chain->links as $number => $sign) {
                $flows[$number] = $sign * $this->flows[$index];
            }
            if (\count($chain->links) > 1) {
                $this->fall($chain, $this->before[$index], $heads);
            }
        }

        return new LineSolution($heads, $flows, $this->outletFlows, $converged, $iterations, $this->shape);
    }

    /**
     * @param array<int, float> $heads
     *
     * @param-out array<int, float> $heads
     */
    private function fall(LineChain $chain, float $lpm, array &$heads): void
    {
        $losses = [];
        $kpa = $slope = 0.0;
        foreach ($chain->links as $number => $sign) {
            $losses[$number] = self::loss($this->network->links[$number][0], $sign * $lpm);
            $kpa += $sign * $losses[$number][0];
            $slope += $losses[$number][1];
        }
        $head = $heads[$chain->from];
        $step = ($head - $heads[$chain->to] - $kpa) / $slope;
        foreach ($chain->links as $number => $sign) {
            [, $from, $to] = $this->network->links[$number];
            $head -= $sign * $losses[$number][0] + $losses[$number][1] * $step;
            $heads[$sign > 0 ? $to : $from] ??= $head;
        }
    }

    /** @return array{float, float} kPa, and kPa per L/min, never nothing */
    private static function loss(LineLink $link, float $lpm): array
    {
        if ($lpm < 0 && $link->isForwardOnly()) {
            return [$link->loss(0.0)[0] + self::SHUT_KPA * $lpm, self::SHUT_KPA];
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
}
