<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Accumulator\Accumulator;
use YardCask\Core\Accumulator\AccumulatorCalculator;
use YardCask\Core\Accumulator\AccumulatorInput;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\LineWalk;
use YardCask\Core\Stage\Line\LineWorkings;

/** How often a pump with a switch starts while a tap trickles, with the vessels behind it. */
final readonly class PumpStarts
{
    /** A tap that somebody leaves a little open. */
    public const TRICKLE_LPM = 1.0;
    /** Starts an hour that a pressure switch takes for long: one in half a minute. */
    public const OFTEN = 120.0;
    /** More starts than that, one a second, are not counted. */
    public const MOST_STARTS = 3600.0;

    private function __construct(
        public PlannedPart $pump,
        public PumpFigures $figures,
        public AccumulatorInput $input,
        public Accumulator $result,
        /** The largest vessel behind it; null without one. */
        public ?PlannedPart $vessel,
    ) {
    }

    /** @return self|null null without a switch */
    public static function of(PlannedPart $pump, LineWorkings $line, ?float $volumeL = null, ?float $prechargeKpa = null): ?self
    {
        $figures = $pump->figures;
        $pairs = $figures instanceof PumpFigures ? $figures->pairs() : null;
        if (
            PartKind::PressurePump !== $pump->kind
            || !$figures instanceof PumpFigures
            || null === $figures->cutOutKpa
            || null === $figures->cutInKpa
            || null === $pairs
        ) {
            return null;
        }
        [$vessel, $vesselFigures, $stretchL] = self::behind($pump, $line->graph);
        $lpm = self::flowAt(($figures->cutInKpa + $figures->cutOutKpa) / 2, $pairs);
        if ($lpm <= 0) {
            return null;
        }
        $input = new AccumulatorInput(
            volumeL: $volumeL ?? $vesselFigures->volumeL ?? 0.0,
            prechargeKpa: $prechargeKpa ?? $vesselFigures->prechargeKpa ?? 0.0,
            cutInKpa: $figures->cutInKpa,
            cutOutKpa: $figures->cutOutKpa,
            pumpLpm: $lpm,
            tapLpm: self::TRICKLE_LPM,
            polytropic: 1.0,
            stretchLPer100kpa: $stretchL,
        );

        return new self($pump, $figures, $input, AccumulatorCalculator::calculate($input), $vessel);
    }

    /** @return array{PlannedPart|null, VesselFigures|null, float} the largest accumulator downstream of a pump, and the hoses’ stretch per 100 kPa */
    private static function behind(PlannedPart $pump, LineGraph $graph): array
    {
        $seen = [$pump->id => true];
        $counted = [];
        $stretchL = 0.0;
        $vessel = $vesselFigures = null;
        $arrived = static function (LineEnd $end, LinePipe $pipe) use (&$seen, &$counted, &$stretchL, &$vessel, &$vesselFigures): ?array {
            $next = $end->owner;
            if (!$next instanceof PlannedPart || isset($counted[$pipe->index])) {
                return null;
            }
            $counted[$pipe->index] = true;
            $stretchL += $pipe->pipe->tube->stretchL * $pipe->lengthM;
            // An accumulator downstream of a non-return valve, or on the other side of a mixer, cannot supply a tap upstream.
            if (isset($seen[$next->id]) || $next->kind->isOneWay() || $next->kind->mixes() || $next->kind->isOutlet()) {
                return null;
            }
            $seen[$next->id] = true;
            if ($next->figures instanceof VesselFigures && (null === $vesselFigures || $next->figures->volumeL > $vesselFigures->volumeL)) {
                [$vessel, $vesselFigures] = [$next, $next->figures];
            }

            return [$next->kind->ports(), null];
        };
        LineWalk::from(LineWalk::at($pump, [$pump->leavesAt()]), $graph, $arrived);

        return [$vessel, $vesselFigures, $stretchL];
    }

    /** @param non-empty-list<array{float, float}> $pairs */
    private static function flowAt(float $kpa, array $pairs): float
    {
        for ($index = 1; $index < \count($pairs); ++$index) {
            [$before, $after] = [$pairs[$index - 1], $pairs[$index]];
            if ($kpa <= $before[1] && $kpa >= $after[1]) {
                return $before[0] + ($before[1] - $kpa) / ($before[1] - $after[1]) * ($after[0] - $before[0]);
            }
        }

        return 0.0;
    }
}
