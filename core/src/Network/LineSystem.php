<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** The linearised equations of a network at its present flows, and one Newton step. */
final class LineSystem
{
    /** L/min to begin with, where nothing is known. */
    private const GUESS_LPM = 4.0;
    /** The pressure of 1 L/min backwards through a one-way part, in kPa: steep enough to count as shut. */
    private const SHUT_KPA = 1e9;
    /** A one-way part counts as opening above this flow, which is 0.001 kPa on its steep side. */
    private const OPENS_LPM = 1e-12;
    /** A link is never taken as flatter than this, in kPa per L/min. */
    private const FLATTEST = 1e-6;
    /** Below this flow losses are linear: a square law is flat at zero, and flows in a loop would not converge. */
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

    /** @var array<int, float> by node whose head is looked for: what its flow rises by with its head */
    private array $diagonal = [];
    /** @var array<int, float> by pair of such nodes that a chain joins */
    private array $off = [];
    /** @var array<int, float> by node whose head is looked for */
    private array $right = [];

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
     * Finds the heads from the balance at each node, every chain linearised at its flow, then the flows from those heads.
     *
     * @param float $part of the step that is taken, to 1
     *
     * @return array{float, float} the greatest change of a flow, without end where something opens, and all flows together, in L/min
     */
    public function step(float $part): array
    {
        $this->diagonal = $this->right = array_fill(0, \count($this->shape->unknown), 0.0);
        $this->off = array_fill(0, $this->shape->elimination->entries(), 0.0);
        $taken = $this->balanceChains();
        $tapped = $this->balanceTaps();
        foreach ($this->shape->holding as $number => [$from]) {
            if (isset($this->shape->unknown[$from])) {
                $this->right[$this->shape->unknown[$from]] -= $this->held[$number];
            }
        }
        $this->findHeads();

        return $this->follow($taken, $tapped, $part);
    }

    /**
     * Adds each chain, linearised at its present flow and loss, to the equations of the nodes at its ends.
     *
     * @return list<array{float, float}> by chain: its loss, and its conductance
     */
    private function balanceChains(): array
    {
        $taken = [];
        foreach ($this->shape->chains as $index => $chain) {
            $flow = $this->flows[$index];
            [$kpa, $slope] = $this->chainLoss($chain, $flow);
            $conductance = 1 / $slope;
            $taken[] = [$kpa, $conductance];
            if ($chain->from === $chain->to) {
                // A loop back to the same node: the heads do not affect it.
                continue;
            }
            [$a, $b, $slot] = $this->shape->places[$index];
            $constant = $flow - $kpa * $conductance;
            if ($a >= 0) {
                $this->diagonal[$a] += $conductance;
                $this->right[$a] -= $constant - ($b < 0 ? $conductance * $this->heads[$chain->to] : 0.0);
            }
            if ($b >= 0) {
                $this->diagonal[$b] += $conductance;
                $this->right[$b] += $constant + ($a < 0 ? $conductance * $this->heads[$chain->from] : 0.0);
            }
            if ($slot >= 0) {
                $this->off[$slot] -= $conductance;
            }
        }

        return $taken;
    }

    /** @return array{float, float} the loss along a chain in kPa, and how steeply it rises, in kPa per L/min */
    private function chainLoss(LineChain $chain, float $lpm): array
    {
        $kpa = $slope = 0.0;
        foreach ($chain->pipes as [$pipe, $lengthInBores, $kSum]) {
            [$one, $steep] = $pipe->lossOver($lpm, $lengthInBores, $kSum);
            $kpa += $one;
            $slope += $steep;
        }
        foreach ($chain->parts as $number => $sign) {
            [$one, $steep] = self::loss($this->network->links[$number][0], $sign * $lpm);
            $kpa += $sign * $one;
            $slope += $steep;
        }

        return [$kpa, max(self::FLATTEST, $slope)];
    }

    /** @return array<int, array{float, float}> by outlet: its loss, and its conductance */
    private function balanceTaps(): array
    {
        $tapped = [];
        foreach ($this->shape->taps as $number => $node) {
            [$kpa, $slope] = self::tapLoss($this->network->outlets[$number][0], $this->outletFlows[$number]);
            $conductance = 1 / $slope;
            $tapped[$number] = [$kpa, $conductance];
            $a = $this->shape->unknown[$node] ?? null;
            if (null !== $a) {
                $this->diagonal[$a] += $conductance;
                $this->right[$a] += $kpa * $conductance - $this->outletFlows[$number] + $conductance * $this->network->ground[$node];
            }
        }

        return $tapped;
    }

    private function findHeads(): void
    {
        foreach ($this->diagonal as $index => $value) {
            // A node with only shut parts around it.
            $this->diagonal[$index] = $value > 0.0 ? $value : 1.0;
        }
        $found = $this->shape->elimination->solve($this->diagonal, $this->off, $this->right);
        foreach ($this->shape->unknown as $node => $index) {
            $this->heads[$node] = $found[$index];
        }
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

    /** Whether a one-way part opens in this step: then it has not converged, however small the flow. */
    private function opens(LineChain $chain, int $index): bool
    {
        foreach ($chain->oneWay as $sign) {
            if ($sign * $this->before[$index] < 0 && $sign * $this->flows[$index] > self::OPENS_LPM) {
                return true;
            }
        }

        return false;
    }

    /** The flow that leaves a node through its chains and outlets, which the regulator must supply. */
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

    /** Fills in the heads along each chain, from the losses of its links as they were linearised in the last step. */
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
