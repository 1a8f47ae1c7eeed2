<?php

declare(strict_types=1);

namespace YardCask\Core\Line;

/** The equations of a network at the flows of the moment, and the step from these to better ones. */
final class LineSystem
{
    /** L/min to begin with, where nothing is known. */
    private const GUESS_LPM = 4.0;
    /** What a flow of 1 L/min backward through what lets nothing back would take, in kPa. */
    private const SHUT_KPA = 1e9;
    /** A link is never taken as flatter than this, in kPa per L/min. */
    private const FLATTEST = 1e-6;
    /** Below it losses are taken as straight: at nothing a square is flat, and what shares a loop would never come to rest. */
    private const LEAST_LPM = 1e-4;

    /** @var array<int, float> by node, of those that are live or have a source */
    public array $heads;
    /** @var array<int, float> by link, of those that are open */
    public array $flows = [];
    /** @var array<int, float> by outlet */
    public array $outletFlows = [];
    /** @var array<int, float> by the regulators that hold their pressure: what they pass */
    public array $held = [];
    /** @var array<int, array{LineLink, int, int}> the open links with their ends */
    private array $edges = [];
    /** @var array<int, array{LineOutlet, int}> the open outlets with their nodes */
    private array $taps = [];
    /** @var array<int, array{int, int}> the ends of the regulators that hold their pressure */
    private array $holding = [];
    /** @var array<int, int> the place of a node whose head is not known among those */
    private array $unknown = [];
    public readonly Elimination $elimination;

    /**
     * @param array<int, true> $live
     * @param array<int, RegulatorState> $states
     */
    public function __construct(
        private readonly LineNetwork $network,
        array $live,
        array $states,
        ?LineSolution $start,
    ) {
        $this->heads = $network->fixed;
        $this->divide($live, $states);
        foreach ($live as $number => $_) {
            foreach ([$network->links[$number][1], $network->links[$number][2]] as $node) {
                if (!isset($this->heads[$node])) {
                    $this->unknown[$node] ??= \count($this->unknown);
                }
            }
        }
        foreach ($network->outlets as $number => [$outlet, $node]) {
            if ($outlet->open > 0 && (isset($this->unknown[$node]) || isset($this->heads[$node]))) {
                $this->taps[$number] = [$outlet, $node];
                $this->outletFlows[$number] = $start->outletFlows[$number] ?? self::GUESS_LPM;
            }
        }
        $pairs = [];
        foreach ($this->edges as $number => [, $from, $to]) {
            $this->flows[$number] = $start->flows[$number] ?? self::GUESS_LPM;
            if (isset($this->unknown[$from], $this->unknown[$to])) {
                $pairs[] = [$this->unknown[$from], $this->unknown[$to]];
            }
        }
        foreach ($this->holding as $number => $_) {
            $this->held[$number] = max(0.0, $start->flows[$number] ?? self::GUESS_LPM);
        }
        $size = \count($this->unknown);
        $this->elimination = true === $start?->elimination->fits($size, $pairs) ? $start->elimination : new Elimination($size, $pairs);
    }

    /**
     * Behind a regulator that holds its pressure the head is known; what it passes is taken out before it.
     *
     * @param array<int, true> $live
     * @param array<int, RegulatorState> $states
     */
    private function divide(array $live, array $states): void
    {
        foreach ($live as $number => $_) {
            [$link, $from, $to] = $this->network->links[$number];
            $state = $states[$number] ?? null;
            if (RegulatorState::Holding === $state && $link instanceof RegulatorLink && !isset($this->heads[$to])) {
                $this->heads[$to] = $link->setKpa + $this->network->ground[$to];
                $this->holding[$number] = [$from, $to];
            } elseif (null === $state || RegulatorState::Open === $state) {
                $this->edges[$number] = [$link, $from, $to];
            }
        }
    }

    /**
     * Heads by the balance of the nodes with every link straight at its flow, then flows by those heads.
     *
     * @param float $part of the step that is taken, to 1
     *
     * @return array{float, float} the greatest change of a flow, and all flows together, in L/min
     */
    public function step(float $part): array
    {
        $size = \count($this->unknown);
        $diagonal = $right = array_fill(0, $size, 0.0);
        $off = array_fill(0, $this->elimination->entries(), 0.0);
        $taken = $tapped = [];
        foreach ($this->edges as $number => [$link, $from, $to]) {
            [$kpa, $slope] = self::loss($link, $this->flows[$number]);
            $conductance = 1 / $slope;
            $taken[$number] = [$kpa, $conductance];
            $constant = $this->flows[$number] - $kpa * $conductance;
            $a = $this->unknown[$from] ?? null;
            $b = $this->unknown[$to] ?? null;
            if (null !== $a) {
                $diagonal[$a] += $conductance;
                $right[$a] -= $constant - (null === $b ? $conductance * $this->heads[$to] : 0.0);
            }
            if (null !== $b) {
                $diagonal[$b] += $conductance;
                $right[$b] += $constant + (null === $a ? $conductance * $this->heads[$from] : 0.0);
            }
            if (null !== $a && null !== $b) {
                $off[$this->elimination->slot($a, $b)] -= $conductance;
            }
        }
        foreach ($this->taps as $number => [$outlet, $node]) {
            [$kpa, $slope] = self::tapLoss($outlet, $this->outletFlows[$number]);
            $conductance = 1 / $slope;
            $tapped[$number] = [$kpa, $conductance];
            $a = $this->unknown[$node] ?? null;
            if (null !== $a) {
                $diagonal[$a] += $conductance;
                $right[$a] += $kpa * $conductance - $this->outletFlows[$number] + $conductance * $this->network->ground[$node];
            }
        }
        foreach ($this->holding as $number => [$from]) {
            if (isset($this->unknown[$from])) {
                $right[$this->unknown[$from]] -= $this->held[$number];
            }
        }
        foreach ($diagonal as $index => $value) {
            // A node on which nothing hangs but what is shut.
            $diagonal[$index] = $value > 0.0 ? $value : 1.0;
        }
        $found = $this->elimination->solve($diagonal, $off, $right);
        foreach ($this->unknown as $node => $index) {
            $this->heads[$node] = $found[$index];
        }

        return $this->follow($taken, $tapped, $part);
    }

    /**
     * @param array<int, array{float, float}> $taken by link: its loss, and its conductance
     * @param array<int, array{float, float}> $tapped by outlet
     *
     * @return array{float, float}
     */
    private function follow(array $taken, array $tapped, float $part): array
    {
        $change = $sum = 0.0;
        foreach ($this->edges as $number => [, $from, $to]) {
            [$kpa, $conductance] = $taken[$number];
            $step = $part * ($this->heads[$from] - $this->heads[$to] - $kpa) * $conductance;
            $this->flows[$number] += $step;
            $change = max($change, abs($step));
            $sum += abs($this->flows[$number]);
        }
        foreach ($this->taps as $number => [, $node]) {
            [$kpa, $conductance] = $tapped[$number];
            $step = $part * ($this->heads[$node] - $this->network->ground[$node] - $kpa) * $conductance;
            $this->outletFlows[$number] += $step;
            $change = max($change, abs($step));
            $sum += abs($this->outletFlows[$number]);
        }
        foreach ($this->holding as $number => [, $at]) {
            $lpm = $this->leaves($at);
            $change = max($change, abs($lpm - $this->held[$number]));
            $this->held[$number] = $lpm;
        }

        return [$change, $sum];
    }

    /** What leaves a node by its links and outlets, so what has to come by the regulator. */
    private function leaves(int $node): float
    {
        $lpm = 0.0;
        foreach ($this->edges as $number => [, $from, $to]) {
            $lpm += $node === $from ? $this->flows[$number] : ($node === $to ? -$this->flows[$number] : 0.0);
        }
        foreach ($this->taps as $number => [, $at]) {
            $lpm += $node === $at ? $this->outletFlows[$number] : 0.0;
        }

        return $lpm;
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
