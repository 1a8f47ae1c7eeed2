<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\Line;
use YardCask\Core\Network\LineCalculator;
use YardCask\Core\Network\LineNetwork;
use YardCask\Core\Network\SolvedNetwork;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** Solves the line of a plan, pumps and their switches included. */
final class LineSolver
{
    private const MOST_ROUNDS = 6;

    /**
     * @param \Closure(): (SolvedLine|null) $near a case much like it, from which to begin
     * @param SolvedLine|null $before the same case of the plan that this one was changed from
     */
    public static function solve(LineGraph $graph, WarmWater $warm, CaseNetwork $networks, LineCase $case, \Closure $near, ?SolvedLine $before): SolvedLine
    {
        $held = $cycling = $rounds = [];
        for ($round = 0;; ++$round) {
            $network = $networks->of($case, $held);
            $known = $before?->rounds[$round] ?? null;
            $isKnown = null !== $known
                && $held === $known->held
                && $known->solved->solves($network, $networks->changedFrom($known->solved->network, $case, $held));
            $solved = $isKnown ? $known->solved : self::solvedFrom($near(), $network, $case, $held, $round);
            $rounds[] = new PumpIteration($held, $solved);
            $line = $solved->line;
            $more = [];
            foreach ($graph->pumps as $pump) {
                $figures = $pump->figures;
                $kpa = $line->nodesKpa[self::outNode($pump)] ?? null;
                if (
                    $case->mode->pumps()
                    && !isset($held[$pump->id])
                    && $figures instanceof PumpFigures
                    && null !== $figures->cutOutKpa
                    && null !== $kpa
                    && $kpa > $figures->cutOutKpa
                ) {
                    $more[$pump->id] = self::heldKpa($pump, $figures, $figures->cutOutKpa);
                    $cycling[$pump->id] = PartKind::PressurePump === $pump->kind;
                }
            }
            if ([] === $more || self::MOST_ROUNDS === $round + 1) {
                return self::solved($graph, $warm, $case, $line, $held, $cycling, $rounds);
            }
            $held += $more;
        }
    }

    /**
     * @param SolvedLine|null $near from which to begin
     * @param array<string, float> $held in kPa, by the pump's id
     */
    private static function solvedFrom(?SolvedLine $near, LineNetwork $network, LineCase $case, array $held, int $round): SolvedNetwork
    {
        // What pumps hold adds links: each round begins from the same one of the case before.
        $start = array_keys($held) === array_keys($near->rounds[$round]->held ?? []) ? $near->rounds[$round]->solved->solution ?? null : null;
        [$line, $solution] = LineCalculator::solve($network, $start, $case->open === $near?->case->open);

        return new SolvedNetwork($network, $line, $solution);
    }

    /** A switched pump cycles between its two pressures, a bypass pump holds the upper one, and a variable pump stays in between. */
    private static function heldKpa(PlannedPart $pump, PumpFigures $figures, float $cutOutKpa): float
    {
        return PartKind::BypassPump === $pump->kind ? $cutOutKpa : (($figures->cutInKpa ?? $cutOutKpa) + $cutOutKpa) / 2;
    }

    private static function outNode(PlannedPart $pump): string
    {
        return $pump->port($pump->leavesAt());
    }

    /**
     * What is known of the flows and pressures of a case, in the line.
     *
     * @param array<string, float> $held what pumps hold, in kPa, by their ids
     * @param array<string, bool> $cycling whether those start and stop
     * @param list<PumpIteration> $rounds as it was solved
     */
    public static function solved(
        LineGraph $graph,
        WarmWater $warm,
        LineCase $case,
        Line $line,
        array $held,
        array $cycling,
        array $rounds = [],
    ): SolvedLine {
        $outlets = $pumps = [];
        foreach ($graph->outlets as $part) {
            if (\in_array($part->id, $case->open, true) && $part->figures instanceof OutletFigures) {
                $outlet = $line->outlets[$part->id] ?? ['lpm' => 0.0, 'kpa' => null];
                [$c, $share] = self::mixed($part, $graph, $warm, $line);
                $outlets[] = new SolvedOutlet($part, $part->figures, $outlet['lpm'], max(0.0, $outlet['kpa'] ?? 0.0), $c, $share);
            }
        }
        foreach ($graph->pumps as $part) {
            $lpm = $line->linksLpm['part:'.$part->id] ?? 0.0;
            if ($case->mode->pumps() && $part->figures instanceof PumpFigures && $lpm > 1e-6) {
                [$in, $out] = [$part->entersAt(), $part->leavesAt()];
                $pumps[$part->id] = new SolvedPump(
                    $part,
                    $part->figures,
                    $lpm,
                    $line->nodesKpa[$part->port($in)] ?? 0.0,
                    $line->nodesKpa[$part->port($out)] ?? 0.0,
                    $cycling[$part->id] ?? false,
                );
            }
        }

        return new SolvedLine(
            case: $case,
            line: $line,
            outlets: self::byId(HeatLimit::on($outlets, $warm)),
            pumps: $pumps,
            held: $held,
            cycling: $cycling,
            rounds: $rounds,
        );
    }

    /**
     * @param list<SolvedOutlet> $outlets
     *
     * @return array<string, SolvedOutlet>
     */
    private static function byId(array $outlets): array
    {
        $all = [];
        foreach ($outlets as $one) {
            $all[$one->part->id] = $one;
        }

        return $all;
    }

    /** @return array{float, float} °C of what comes out, and how much of it is hot */
    private static function mixed(PlannedPart $part, LineGraph $graph, WarmWater $warm, Line $line): array
    {
        $hot = $line->linksLpm['part:'.$part->id.'/hot'] ?? 0.0;
        $cold = $line->linksLpm['part:'.$part->id.'/cold'] ?? 0.0;
        $end = new LineEnd($part, $part->kind->mixes() ? PartPort::Hot : PartPort::In);
        $hotC = $warm->atC($end);
        if (!$part->kind->mixes()) {
            return [$hotC ?? WarmWater::COLD_C, null === $hotC ? 0.0 : 1.0];
        }
        $share = null === $hotC || $hot + $cold <= 0 ? 0.0 : $hot / ($hot + $cold);

        return [WarmWater::COLD_C + $share * (($hotC ?? WarmWater::COLD_C) - WarmWater::COLD_C), $share];
    }
}
