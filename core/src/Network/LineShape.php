<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/**
 * What of a network can flow, for given states of its regulators: what stands in series is one chain with one flow, and only where
 * chains meet, water enters or leaves is there a head to be found. It serves every network with the same pipes and open outlets, and with
 * other links between the same nodes.
 */
final readonly class LineShape
{
    /** @var array<int, array{int, int}> the ends of the regulators that hold their pressure, by link */
    public array $holding;
    /** @var list<LineChain> */
    public array $chains;
    /** @var list<array{int, int, int}> by chain: the places of the heads at its ends, and of their entry off the diagonal; −1 where there is none */
    public array $places;
    /** @var array<int, int> by open outlet: its node */
    public array $taps;
    /** @var array<int, int> the place of a node whose head is not known among those */
    public array $unknown;
    public Elimination $elimination;

    /**
     * @param array<int, true> $live the links through which something can flow
     * @param array<int, RegulatorState> $states of the regulators among them
     */
    public function __construct(
        LineNetwork $network,
        public array $live,
        public array $states,
    ) {
        $known = $network->fixed;
        $open = $holding = $ends = $apart = [];
        foreach ($live as $number => $_) {
            [, $from, $to, $isForwardOnly] = $network->links[$number];
            $state = $states[$number] ?? RegulatorState::Open;
            if (RegulatorState::Holding === $state && !isset($known[$to])) {
                // Behind a regulator that holds its pressure the head is known; what it passes is taken out before it.
                $known[$to] = true;
                $holding[$number] = [$from, $to];
            } elseif (RegulatorState::Open === $state) {
                $open[$number] = [$from, $to, $isForwardOnly];
            }
            if (!isset($open[$number])) {
                array_push($apart, $from, $to);
            }
            $ends[$from] = $ends[$to] = true;
        }
        $taps = [];
        foreach ($network->outlets as $number => [$outlet, $node]) {
            if ($outlet->open > 0 && (isset($ends[$node]) || isset($known[$node]))) {
                $taps[$number] = $node;
            }
        }
        $this->holding = $holding;
        $this->taps = $taps;
        // Where water leaves, or a regulator parts what flows, a head is wanted, whatever else meets there.
        $wanted = [...array_values($taps), ...$apart];
        $this->chains = self::chains($network, $open, $known + array_flip($wanted));
        $unknown = $pairs = $places = [];
        foreach ([...array_column($this->chains, 'from'), ...array_column($this->chains, 'to'), ...$wanted] as $node) {
            if (!isset($known[$node])) {
                $unknown[$node] ??= \count($unknown);
            }
        }
        foreach ($this->chains as $chain) {
            if (isset($unknown[$chain->from], $unknown[$chain->to]) && $chain->from !== $chain->to) {
                $pairs[] = [$unknown[$chain->from], $unknown[$chain->to]];
            }
        }
        $this->unknown = $unknown;
        $this->elimination = new Elimination(\count($unknown), $pairs);
        foreach ($this->chains as $chain) {
            [$a, $b] = [$unknown[$chain->from] ?? -1, $unknown[$chain->to] ?? -1];
            $places[] = [$a, $b, $a >= 0 && $b >= 0 && $a !== $b ? $this->elimination->slot($a, $b) : -1];
        }
        $this->places = $places;
    }

    /**
     * @param array<int, array{int, int, bool}> $open the links with their ends, and whether they let nothing back
     * @param array<int, mixed> $junctions the nodes at which a chain ends in any case
     *
     * @return list<LineChain>
     */
    private static function chains(LineNetwork $network, array $open, array $junctions): array
    {
        $at = [];
        foreach ($open as $number => [$from, $to]) {
            $at[$from][] = $number;
            $at[$to][] = $number;
        }
        foreach ($at as $node => $numbers) {
            if (2 !== \count($numbers)) {
                $junctions[$node] = true;
            }
        }
        $chains = $drawn = [];
        // Links at a junction first: what is left after them goes round and meets none.
        foreach ([true, false] as $atJunction) {
            foreach ($open as $number => [$from, $to]) {
                if (isset($drawn[$number]) || ($atJunction && !isset($junctions[$from]) && !isset($junctions[$to]))) {
                    continue;
                }
                $first = isset($junctions[$from]) || !$atJunction ? $from : $to;
                [$links, $end, $forward] = [[], $first, 0.0];
                do {
                    [$from, $to, $isForwardOnly] = $open[$number];
                    $sign = $from === $end ? 1.0 : -1.0;
                    $links[$number] = $sign;
                    $drawn[$number] = true;
                    $forward += $isForwardOnly ? $sign : 0.0;
                    $end = $sign > 0 ? $to : $from;
                    $number = $at[$end][0] === $number ? $at[$end][1] ?? $number : $at[$end][0];
                } while (!isset($junctions[$end]) && !isset($drawn[$number]));
                // Along what lets nothing back, so that it is not taken as shut to begin with.
                $chains[] = $forward < 0
                    ? new LineChain($network, array_map(static fn (float $sign): float => -$sign, array_reverse($links, true)), $end, $first)
                    : new LineChain($network, $links, $first, $end);
            }
        }

        return $chains;
    }
}
