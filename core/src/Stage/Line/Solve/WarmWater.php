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

/** How hot the water is that comes to each port, and how a mixer has to be set. */
final readonly class WarmWater
{
    /** As it comes from the tank in summer's shade. */
    public const COLD_C = 15.0;
    /** Comfortable on the skin, and what people mix at a tap. */
    public const COMFORT_C = 38.0;

    /** @param array<string, array{float, string}> $hot °C and the heater's id, by the port's name */
    private function __construct(private array $hot)
    {
    }

    public static function of(LineGraph $graph): self
    {
        $hot = [];
        $queue = [];
        foreach ($graph->parts(PartKind::StorageHeater, PartKind::Exchanger) as $heater) {
            if ($heater->figures instanceof HeaterFigures) {
                $queue[] = [$heater, $heater->reversed ? PartPort::In : PartPort::Out, $heater->figures->hotC, $heater->id];
            }
        }
        while ([] !== $queue) {
            [$part, $port, $c, $heater] = array_shift($queue);
            $end = $graph->beyond($part, $port);
            if (null === $end || isset($hot[$end->key]) || !$end->owner instanceof PlannedPart) {
                continue;
            }
            $hot[$end->key] = [$c, $heater];
            $next = $end->owner;
            if ($next->kind->isOutlet() || \in_array($next->kind, [PartKind::StorageHeater, PartKind::Exchanger], true)) {
                continue;
            }
            $c = $next->figures instanceof MixingFigures ? min($c, $next->figures->setC) : $c;
            foreach ($next->kind->ports() as $other) {
                if ($other !== $end->port && (PartKind::MixingValve !== $next->kind || PartPort::Out === $other)) {
                    $queue[] = [$next, $other, $c, $heater];
                }
            }
        }

        return new self($hot);
    }

    /** @return float|null null where no hot water comes */
    public function atC(LineEnd $end): ?float
    {
        return $this->hot[$end->key][0] ?? null;
    }

    public function isHot(LinePipe $pipe): bool
    {
        return isset($this->hot[$pipe->from->key]) || isset($this->hot[$pipe->to->key]);
    }

    /** The heater from which the hot water of an outlet comes; null without one. */
    public function heaterOf(PlannedPart $outlet): ?string
    {
        foreach ($outlet->kind->ports() as $port) {
            if (isset($this->hot[$outlet->port($port)])) {
                return $this->hot[$outlet->port($port)][1];
            }
        }

        return null;
    }

    /** What comes out of an outlet at its hottest. */
    public function hottestC(PlannedPart $outlet): float
    {
        return max(self::COLD_C, ...array_map(fn (PartPort $port): float => $this->hot[$outlet->port($port)][0] ?? self::COLD_C, $outlet->kind->ports()));
    }

    /** How much hot water a part takes that mixes, from 0 to 1, so that it comes out as it is wanted. */
    public function shareOf(PlannedPart $part): float
    {
        $hotC = $this->hot[$part->port(PartPort::Hot)][0] ?? null;
        if (null === $hotC || $hotC <= self::COLD_C) {
            return 0.0;
        }
        $wantedC = $part->figures instanceof MixingFigures ? $part->figures->setC : self::COMFORT_C;

        return min(1.0, max(0.0, ($wantedC - self::COLD_C) / ($hotC - self::COLD_C)));
    }
}
