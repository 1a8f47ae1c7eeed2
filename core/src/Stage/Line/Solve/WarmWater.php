<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\MixingFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\LineWalk;

/** How hot the water is that comes to each port, and how a mixer has to be set. */
final readonly class WarmWater
{
    /** As it comes from the tank in summer's shade. */
    public const COLD_C = 15.0;
    /** Comfortable on the skin, and what people mix at a tap. */
    public const COMFORT_C = 38.0;

    public const SHOWER_C = 43.0;
    public const TAP_C = 48.0;

    private const HEATERS = [PartKind::StorageHeater, PartKind::Exchanger];

    /** @param array<string, HotWaterFrom> $hot by the port's name */
    private function __construct(
        private array $hot,
        /** Whether a heater warms water only while it flows. */
        public bool $flows,
    ) {
    }

    public static function of(LineGraph $graph): self
    {
        $hot = $begins = [];
        $flows = false;
        foreach ($graph->parts(...self::HEATERS) as $heater) {
            if ($heater->figures instanceof HeaterFigures) {
                $flows = $flows || 0.0 === $heater->figures->litres;
                $out = $heater->leavesAt();
                array_push($begins, ...LineWalk::at($heater, [$out], new HotWaterFrom($heater, $heater->figures->hotC)));
            }
        }
        LineWalk::from($begins, $graph, static function (LineEnd $end, LinePipe $pipe, HotWaterFrom $from) use (&$hot): ?array {
            $next = $end->owner;
            // Of several ways to a port the hottest counts.
            if (!$next instanceof PlannedPart || (isset($hot[$end->key]) && $from->c <= $hot[$end->key]->c)) {
                return null;
            }
            $hot[$end->key] = $from;
            if ($next->kind->isOutlet() || \in_array($next->kind, self::HEATERS, true)) {
                return null;
            }
            $mixedC = $next->figures instanceof MixingFigures ? min($from->c, $next->figures->setC) : $from->c;

            return [
                PartKind::MixingValve === $next->kind ? [PartPort::Out] : $next->kind->portsBut($end->port),
                new HotWaterFrom($from->heater, $mixedC),
            ];
        });

        return new self($hot, $flows);
    }

    /** @return float|null null where no hot water comes */
    public function atC(LineEnd $end): ?float
    {
        return ($this->hot[$end->key] ?? null)?->c;
    }

    public function isHot(LinePipe $pipe): bool
    {
        return isset($this->hot[$pipe->from->key]) || isset($this->hot[$pipe->to->key]);
    }

    /** The heater from which the hot water of an outlet comes; null without one. */
    public function heaterOf(PlannedPart $outlet): ?PlannedPart
    {
        foreach ($outlet->kind->ports() as $port) {
            if (isset($this->hot[$outlet->port($port)])) {
                return $this->hot[$outlet->port($port)]->heater;
            }
        }

        return null;
    }

    /** What may come out of an outlet: of water that runs over a whole body less than over hands. Source: EN 806-2, for public showers and taps. */
    public static function safeC(PlannedPart $outlet): float
    {
        return PartKind::Shower === $outlet->kind || PartKind::OutsidePoint === $outlet->kind ? self::SHOWER_C : self::TAP_C;
    }

    /** What comes out of an outlet at its hottest. */
    public function hottestC(PlannedPart $outlet): float
    {
        $at = fn (PartPort $port): float => ($this->hot[$outlet->port($port)] ?? null)->c ?? self::COLD_C;

        return max(self::COLD_C, ...array_map($at, $outlet->kind->ports()));
    }

    /** The share of hot water, from 0 to 1, that a mixer or mixing valve takes to reach its temperature. */
    public function shareOf(PlannedPart $part): float
    {
        $hotC = ($this->hot[$part->port(PartPort::Hot)] ?? null)?->c;
        if (null === $hotC || $hotC <= self::COLD_C) {
            return 0.0;
        }
        $wantedC = $part->figures instanceof MixingFigures ? $part->figures->setC : self::COMFORT_C;

        return min(1.0, max(0.0, ($wantedC - self::COLD_C) / ($hotC - self::COLD_C)));
    }
}
