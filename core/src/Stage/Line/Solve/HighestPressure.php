<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
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
    public const SHUT_S = 0.1;
    private const BLOWN_KPA = 200.0;
    private const KPA_PER_M = Water::GRAVITY * 0.999;
    private const MOST_ROUNDS = 200;

    /**
     * @param array<string, PeakPressure> $parts by id
     * @param array<int, PeakPressure> $pipes by their places in the plan
     */
    private function __construct(
        public array $parts,
        public array $pipes,
    ) {
    }

    /** @param list<SolvedLine> $alone each outlet of the line run by itself, in their order */
    public static function over(LineGraph $graph, ModeSearch $modes, array $alone): self
    {
        $nodes = $z = [];
        foreach ($graph->pipes as $pipe) {
            $z[$pipe->from->node] = $pipe->from->zM();
            $z[$pipe->to->node] = $pipe->to->zM();
        }
        foreach ($modes->all() as $mode) {
            foreach (self::steady($graph, $modes, $mode, $z) as $node => $kpa) {
                if (!isset($nodes[$node]) || $kpa > $nodes[$node][0]) {
                    $nodes[$node] = [$kpa, $mode->mode];
                }
            }
        }
        $shocks = self::shocks($graph, $alone);
        $parts = $pipes = [];
        foreach ($graph->plan->line->parts as $part) {
            $at = array_map(static fn (PartPort $port): LineEnd => new LineEnd($part, $port), $part->kind->ports());
            $peak = self::peak($at, $nodes, max([0.0, ...array_map(static fn (LineEnd $end): float => $shocks[$end->node] ?? 0.0, $at)]));
            if (null !== $peak) {
                $parts[$part->id] = $peak;
            }
        }
        foreach ($graph->pipes as $index => $pipe) {
            $peak = self::peak([$pipe->from, $pipe->to], $nodes, max($shocks[$pipe->from->node] ?? 0.0, $shocks[$pipe->to->node] ?? 0.0));
            if (null !== $peak) {
                $pipes[$index] = $peak;
            }
        }

        return new self($parts, $pipes);
    }

    /** @return list<RatedPeak> of every part, of every pipe and its joints, the nearest to its rating first */
    public function rated(LineGraph $graph, WarmWater $warm): array
    {
        $all = [];
        foreach ($graph->plan->line->parts as $part) {
            if (isset($this->parts[$part->id])) {
                $all[] = new RatedPeak($part, $this->parts[$part->id], $part->make->ratingKpa, $warm->hottestC($part));
            }
        }
        foreach ($graph->pipes as $index => $pipe) {
            if (isset($this->pipes[$index])) {
                $c = max($warm->atC($pipe->from) ?? WarmWater::COLD_C, $warm->atC($pipe->to) ?? WarmWater::COLD_C);
                $tube = $pipe->pipe->tube;
                $all[] = new RatedPeak($pipe, $this->pipes[$index], $tube->standsKpa($c), $c);
                if (null !== $tube->joint) {
                    $all[] = new RatedPeak($pipe, $this->pipes[$index], $tube->joint->holdsKpa($c), $c, $tube->joint);
                }
            }
        }
        usort($all, static fn (RatedPeak $a, RatedPeak $b): int => $b->share() <=> $a->share());

        return $all;
    }

    /**
     * @param list<LineEnd> $ends
     * @param array<string, array{float, LineMode}> $nodes
     */
    private static function peak(array $ends, array $nodes, float $shockKpa): ?PeakPressure
    {
        $best = null;
        foreach ($ends as $end) {
            $here = $nodes[$end->node] ?? null;
            if (null !== $here && (null === $best || $here[0] > $best[0])) {
                $best = $here;
            }
        }

        return null === $best ? null : new PeakPressure(max(0.0, $best[0]), max(0.0, $shockKpa), $best[1]);
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
                $kpa[$draw->node] = self::KPA_PER_M * max(0.0, ($draw->owner->overflowMm() - $draw->owner->outletHeightMm) / 1000);
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
        $kpa = self::spread($kpa, $z, $mode, $ways);
        if (!$mode->mode->pumps()) {
            return $kpa;
        }
        // Each pump adds to the pressure upstream of it at rest, so that in a loop it does not add to itself.
        foreach ($ways as $way) {
            if ($way->part?->figures instanceof PumpFigures && isset($kpa[$way->from])) {
                $kpa[$way->to] = max($kpa[$way->to] ?? -\INF, self::pumped($way->part->figures, $kpa[$way->from]));
            }
        }

        return self::spread($kpa, $z, $mode, $ways);
    }

    /**
     * @param array<string, float> $kpa where it is known, by node
     * @param array<string, float> $z heights by node
     * @param list<Way> $ways
     *
     * @return array<string, float> wherever it spreads to
     */
    private static function spread(array $kpa, array $z, FoundMode $mode, array $ways): array
    {
        $steps = [];
        foreach ($ways as $way) {
            if ($way->isOpen($mode->positions)) {
                $figures = $way->part?->figures;
                foreach ($way->both ? [[$way->from, $way->to], [$way->to, $way->from]] : [[$way->from, $way->to]] as [$from, $to]) {
                    if (isset($z[$to])) {
                        $steps[] = [
                            $from,
                            $to,
                            self::KPA_PER_M * (($z[$from] ?? 0.0) - $z[$to]),
                            $figures instanceof RegulatorFigures ? $figures->setKpa : \INF,
                        ];
                    }
                }
            }
        }
        for ($round = 0, $changed = true; $changed && $round < self::MOST_ROUNDS; ++$round) {
            $changed = false;
            foreach ($steps as [$from, $to, $fall, $most]) {
                if (isset($kpa[$from]) && min($most, $kpa[$from] + $fall) > ($kpa[$to] ?? -\INF) + 1e-6) {
                    $kpa[$to] = min($most, $kpa[$from] + $fall);
                    $changed = true;
                }
            }
        }

        return $kpa;
    }

    /** A switch stops it at its cut-out. Without one it reaches its shut-off pressure, which rises with the battery's voltage. */
    private static function pumped(PumpFigures $figures, float $beforeKpa): float
    {
        return null === $figures->cutOutKpa
            ? $beforeKpa + $figures->curve[0]->kpa * (null === $figures->volts ? 1.0 : LineCase::CHARGING_V / LineCase::RATED_V)
            : max($beforeKpa, $figures->cutOutKpa);
    }

    /**
     * @param list<SolvedLine> $alone
     *
     * @return array<string, float> what shutting an outlet at once adds, by node
     */
    private static function shocks(LineGraph $graph, array $alone): array
    {
        $shocks = [];
        foreach ($graph->outlets as $index => $outlet) {
            $solved = $alone[$index];
            $path = WaterPath::to($outlet, $solved, $graph);
            $delayedKpa = 0.0;
            $nodes = [];
            foreach (array_reverse($path->pipes) as $pipe) {
                $mps = $pipe->velocityMps($solved->pipeLpm[$pipe->index] ?? 0.0);
                $delayedKpa += 2 * $pipe->lengthM * $mps / self::SHUT_S;
                $atOnceKpa = $pipe->pipe->tube->waveMps * $mps;
                array_push($nodes, [$pipe->from->node, $atOnceKpa], [$pipe->to->node, $atOnceKpa]);
                if (self::isSoft($pipe->from) || self::isSoft($pipe->to)) {
                    break;
                }
            }
            // ρ is one kilogram a litre: m²/s² are kPa.
            foreach ($nodes as [$node, $atOnceKpa]) {
                $shocks[$node] = max($shocks[$node] ?? 0.0, min($atOnceKpa, $delayedKpa));
            }
        }

        return $shocks;
    }

    private static function isSoft(LineEnd $end): bool
    {
        return $end->owner instanceof PlannedTank || PartKind::Accumulator === $end->owner->kind;
    }
}
