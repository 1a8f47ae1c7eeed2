<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\RegulatorFigures;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeSearch;
use YardCask\Core\Stage\Line\Mode\Way;

/**
 * The highest pressure that each part and each pipe can meet in any mode: what pumps bring up to their cut-out (or with everything shut,
 * where nothing stops them), mains before and behind a regulator, what stands above, and the shock of an outlet that is shut at once.
 *
 * The shock is ρ·Δv·min(a, 2L/t), back to the next vessel or tank. Source: Joukowsky (1898); Michaud.
 */
final readonly class HighestPressure
{
    private const BLOWN_KPA = 200.0;
    private const KPA_PER_M = Water::GRAVITY * 0.999;
    private const MOST_ROUNDS = 200;

    /**
     * @param array<string, PeakPressure> $parts by id
     * @param array<int, PeakPressure> $pipes by their places in the plan
     * @param array{array<string, PeakPressure>, array<int, PeakPressure>} $offMains the same without mains
     * @param array<string, float> $coldKpa what stands at most in a heater before it heats, by its id
     */
    public function __construct(
        public array $parts,
        public array $pipes,
        public array $coldKpa,
        public array $offMains,
    ) {
    }

    /**
     * @param \Closure(LineMode): list<SolvedLine> $alone each outlet of the line run by itself at its strongest; none in modes that open none
     * @param list<HotSection> $sections of the heaters
     */
    public static function over(LineGraph $graph, ModeSearch $modes, \Closure $alone, array $sections): self
    {
        $z = [];
        foreach ($graph->pipes as $pipe) {
            $z[$pipe->from->node] = $pipe->from->zM();
            $z[$pipe->to->node] = $pipe->to->zM();
        }
        $on = array_filter($modes->all(), static fn (FoundMode $one): bool => LineMode::MainsUse === $one->mode || LineMode::MainsFill === $one->mode);
        $off = array_filter($modes->all(), static fn (FoundMode $one): bool => !\in_array($one, $on, true));
        $standing = $peaks = [];
        self::raise($standing, $peaks, $off, $graph, $modes, $alone, $z);
        [$ownStanding, $own] = [$standing, $peaks];
        self::raise($standing, $peaks, $on, $graph, $modes, $alone, $z);
        if ($modes->ways()->has(LineMode::Use)) {
            // With the first water drawn the pressure that heating brought is gone, so no shock comes on top of it.
            $own = self::higher($own, self::heated($ownStanding, $sections, $modes, $z), [], LineMode::Use, true);
            $peaks = [] === $on ? $own : self::higher($peaks, self::heated($standing, $sections, $modes, $z), [], LineMode::Use, true);
        }
        $offMains = self::onEach($graph, $own);
        [$parts, $pipes] = [] === $on ? $offMains : self::onEach($graph, $peaks);

        return new self($parts, $pipes, self::cold($standing, $sections), $offMains);
    }

    /**
     * Raises what is known by what comes in some modes.
     *
     * @param array<string, float> $standing the most without a shock, by node
     * @param array<string, PeakPressure> $peaks by node
     * @param array<array-key, FoundMode> $in
     * @param \Closure(LineMode): list<SolvedLine> $alone
     * @param array<string, float> $z heights by node
     */
    private static function raise(array &$standing, array &$peaks, array $in, LineGraph $graph, ModeSearch $modes, \Closure $alone, array $z): void
    {
        $all = $modes->ways()->open->all;
        foreach ($in as $mode) {
            $solved = $alone($mode->mode);
            $ways = [] === $solved ? [] : array_values(array_filter($all, static fn (Way $way): bool => $way->isOpen($mode->positions)));
            $steady = self::steady($graph, $modes, $mode, $z);
            foreach ($steady as $node => $kpa) {
                $standing[$node] = max($standing[$node] ?? -\INF, $kpa);
            }
            $peaks = self::higher($peaks, $steady, Shocks::of($graph, $solved, $ways), $mode->mode, false);
        }
    }

    /**
     * @param array<string, PeakPressure> $peaks by node
     *
     * @return array{array<string, PeakPressure>, array<int, PeakPressure>} of parts, by id, and of pipes, by their places in the plan
     */
    private static function onEach(LineGraph $graph, array $peaks): array
    {
        $parts = $pipes = [];
        foreach ($graph->plan->line->parts as $part) {
            $peak = self::peak(array_map(static fn (PartPort $port): LineEnd => new LineEnd($part, $port), $part->kind->ports()), $peaks);
            if (null !== $peak) {
                $parts[$part->id] = $peak;
            }
        }
        foreach ($graph->pipes as $index => $pipe) {
            $peak = self::peak([$pipe->from, $pipe->to], $peaks);
            if (null !== $peak) {
                $pipes[$index] = $peak;
            }
        }

        return [$parts, $pipes];
    }

    /**
     * @param array<string, PeakPressure> $peaks
     * @param array<string, float> $steady what stands at each node
     * @param array<string, float> $shocks
     *
     * @return array<string, PeakPressure> the higher of both
     */
    private static function higher(array $peaks, array $steady, array $shocks, LineMode $mode, bool $isHeated): array
    {
        foreach ($steady as $node => $kpa) {
            if (!isset($peaks[$node]) || max(0.0, $kpa) + ($shocks[$node] ?? 0.0) > $peaks[$node]->kpa() + 1e-6) {
                $peaks[$node] = new PeakPressure(max(0.0, $kpa), $shocks[$node] ?? 0.0, $mode, $isHeated);
            }
        }

        return $peaks;
    }

    /**
     * @param array<string, float> $standing
     * @param list<HotSection> $sections
     *
     * @return array<string, float> by the id of each heater
     */
    private static function cold(array $standing, array $sections): array
    {
        $kpa = [];
        foreach ($sections as $section) {
            $kpa[$section->heater->id] = max(0.0, $standing[self::inlet($section->heater)] ?? 0.0);
        }

        return $kpa;
    }

    private static function inlet(PlannedPart $heater): string
    {
        return $heater->port($heater->entersAt());
    }

    /**
     * With the water of every heater heated where it is shut in. What nothing relieves is a snag of its own.
     *
     * @param array<string, float> $standing the most that stands at each node cold
     * @param list<HotSection> $sections
     * @param array<string, float> $z heights by node
     *
     * @return array<string, float> by node, where it is more
     */
    private static function heated(array $standing, array $sections, ModeSearch $modes, array $z): array
    {
        $kpa = [];
        foreach ($sections as $section) {
            $in = self::inlet($section->heater);
            if (isset($standing[$in]) && $section->isShut() && $section->isRelieved()) {
                $kpa[$in] = max($kpa[$in] ?? -\INF, $section->highestKpa($standing[$in]));
                foreach ($section->nodes() as $node) {
                    $kpa[$node] = max($kpa[$node] ?? -\INF, $kpa[$in] + self::KPA_PER_M * (($z[$in] ?? 0.0) - ($z[$node] ?? 0.0)));
                }
            }
        }
        $spread = [] === $kpa ? [] : self::spread($kpa, self::steps($z, $modes->of(LineMode::Use), $modes->ways()->open->all));

        return array_filter($spread, static fn (float $one, string $node): bool => $one > ($standing[$node] ?? -\INF) + 1e-6, \ARRAY_FILTER_USE_BOTH);
    }

    /**
     * @param list<LineEnd> $ends
     * @param array<string, PeakPressure> $peaks by node
     */
    private static function peak(array $ends, array $peaks): ?PeakPressure
    {
        $best = null;
        foreach ($ends as $end) {
            $here = $peaks[$end->node] ?? null;
            if (null !== $here && (null === $best || $here->kpa() > $best->kpa())) {
                $best = $here;
            }
        }

        return $best;
    }

    /**
     * @param array<string, float> $z heights by node
     *
     * @return array<string, float> gauge pressure by node, with nothing flowing
     */
    private static function steady(LineGraph $graph, ModeSearch $modes, FoundMode $mode, array $z): array
    {
        $kpa = [];
        $ways = $modes->ways()->open->all;
        $isMains = LineMode::MainsUse === $mode->mode || LineMode::MainsFill === $mode->mode;
        foreach ($graph->draws() as $draw) {
            if ($draw->owner instanceof PlannedTank && LineMode::BlowOut !== $mode->mode) {
                $kpa[$draw->node] = self::KPA_PER_M * max(0.0, $draw->levelM(1.0) - $draw->zM());
            }
        }
        foreach ($graph->plan->line->parts as $part) {
            if ($part->figures instanceof InletFigures && PartKind::MainsInlet === $part->kind && $isMains) {
                $kpa[$part->port(PartPort::Out)] = $part->figures->mostKpa;
            } elseif (PartKind::FillInlet === $part->kind && LineMode::Fill === $mode->mode) {
                $kpa[$part->port(PartPort::Out)] = 0.0;
            } elseif (PartKind::BlowOutPort === $part->kind && LineMode::BlowOut === $mode->mode) {
                $kpa[$part->id] = self::BLOWN_KPA;
            }
        }
        $steps = self::steps($z, $mode, $ways);
        $kpa = self::spread($kpa, $steps);
        if (!$mode->mode->pumps()) {
            return $kpa;
        }
        // Each pump adds to the pressure upstream of it at rest, so that in a loop it does not add to itself.
        foreach ($ways as $way) {
            if ($way->part?->figures instanceof PumpFigures && isset($kpa[$way->from])) {
                $kpa[$way->to] = max($kpa[$way->to] ?? -\INF, self::pumped($way->part, $way->part->figures, $kpa[$way->from]));
            }
        }

        return self::spread($kpa, $steps);
    }

    /**
     * @param array<string, float> $kpa where it is known, by node
     * @param array<string, list<array{string, float, float}>> $steps
     *
     * @return array<string, float> wherever it spreads to
     */
    private static function spread(array $kpa, array $steps): array
    {
        $raised = array_keys($kpa);
        for ($round = 0; [] !== $raised && $round < self::MOST_ROUNDS; ++$round) {
            $next = [];
            foreach ($raised as $from) {
                foreach ($steps[$from] ?? [] as [$to, $fall, $most]) {
                    $there = min($most, $kpa[$from] + $fall);
                    if ($there > ($kpa[$to] ?? -\INF) + 1e-6) {
                        $kpa[$to] = $there;
                        $next[$to] = $to;
                    }
                }
            }
            $raised = $next;
        }

        return $kpa;
    }

    /**
     * @param array<string, float> $z heights by node
     * @param list<Way> $ways
     *
     * @return array<string, list<array{string, float, float}>> by node: where it spreads to, by how much it grows, and the most that comes through
     */
    private static function steps(array $z, FoundMode $mode, array $ways): array
    {
        $steps = [];
        foreach ($ways as $way) {
            if ($way->isOpen($mode->positions)) {
                $figures = $way->part?->figures;
                $most = $figures instanceof RegulatorFigures ? $figures->setKpa : \INF;
                $fall = self::KPA_PER_M * (($z[$way->from] ?? 0.0) - ($z[$way->to] ?? 0.0));
                if (isset($z[$way->to])) {
                    $steps[$way->from][] = [$way->to, $fall, $most];
                }
                if ($way->both && isset($z[$way->from])) {
                    $steps[$way->to][] = [$way->from, -$fall, $most];
                }
            }
        }

        return $steps;
    }

    /** What it reaches while the battery charges; a switch stops it before. */
    private static function pumped(PlannedPart $pump, PumpFigures $figures, float $beforeKpa): float
    {
        $reachesKpa = $beforeKpa + PumpLaw::reachesKpa($pump, $figures, LineCase::CHARGING_V);

        return null === $figures->cutOutKpa ? $reachesKpa : max($beforeKpa, min($figures->cutOutKpa, $reachesKpa));
    }
}
