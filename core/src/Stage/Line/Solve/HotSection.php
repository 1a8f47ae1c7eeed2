<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Accumulator\AccumulatorCalculator;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\ReliefFigures;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\Reach;
use YardCask\Core\Stage\Line\Shared\HeldWater;

/**
 * What a heater is shut in with: everything up to the parts that let nothing back and to the outlets, and what takes up its water as it expands.
 *
 * Heated from cold it grows by litres · (ρ cold ÷ ρ hot − 1). The vessels’ air is compressed by it, p · V constant, and the hoses stretch.
 * Source: Boyle–Mariotte.
 */
final readonly class HotSection
{
    private const PRECISE_KPA = 0.001;
    /** Beyond it nothing of a line holds. */
    private const MOST_KPA = 20000.0;

    /**
     * @param list<PlannedPart|PlannedTank> $owners the nearest first, the heater left out
     * @param list<PlannedPart> $vessels
     * @param list<PlannedPart> $reliefs
     */
    private function __construct(
        public PlannedPart $heater,
        public float $expandsL,
        public array $owners,
        public array $vessels,
        public array $reliefs,
        /** What its hoses take up for each 100 kPa, in L. */
        private float $stretchL,
    ) {
    }

    /** @return self|null null for what heats no water of the line */
    public static function of(PlannedPart $heater, LineGraph $graph): ?self
    {
        if (!$heater->figures instanceof HeaterFigures || PartKind::Kettle === $heater->kind) {
            return null;
        }
        $owners = self::within($heater, $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay());
        // What a valve can shut off takes up nothing.
        $open = self::within($heater, $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay()
            || PartKind::ShutOff === $part->kind
            || PartKind::ThreeWayValve === $part->kind);
        $ids = array_column([$heater, ...$owners], 'id');
        $stretchL = 0.0;
        foreach ($graph->pipes as $pipe) {
            $isWithin = \in_array($pipe->from->owner->id, $ids, true) && \in_array($pipe->to->owner->id, $ids, true);
            $stretchL += $isWithin ? $pipe->pipe->tube->stretchL * $pipe->lengthM : 0.0;
        }
        $parts = array_values(array_filter($open, static fn (PlannedPart|PlannedTank $one): bool => $one instanceof PlannedPart));

        return new self(
            $heater,
            HeldWater::litres($heater) * max(0.0, Water::density(WarmWater::COLD_C) / Water::density($heater->figures->hotC) - 1),
            $owners,
            array_values(array_filter($parts, static fn (PlannedPart $one): bool => $one->figures instanceof VesselFigures)),
            array_values(array_filter($parts, static fn (PlannedPart $one): bool => $one->figures instanceof ReliefFigures)),
            $stretchL,
        );
    }

    /** Whether its water can go back into a tank. */
    public function isOpen(): bool
    {
        return [] !== array_filter($this->owners, static fn (object $one): bool => $one instanceof PlannedTank);
    }

    /** Whether a non-return valve keeps its water from flowing back. A regulator by itself is not relied on. */
    public static function isChecked(PlannedPart $heater, LineGraph $graph): bool
    {
        $owners = self::within($heater, $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay() && PartKind::Regulator !== $part->kind);

        return [] !== array_filter($owners, static fn (object $one): bool => $one instanceof PlannedPart && PartKind::NonReturn === $one->kind);
    }

    /** Whether its water can go nowhere by itself. */
    public function isShut(): bool
    {
        return !$this->isOpen() && null !== $this->closedBy();
    }

    /** @return list<string> the nodes at which the water of the heater stands on its cold side and before any mixing valve */
    public function nodes(): array
    {
        $nodes = [];
        foreach ($this->owners as $one) {
            if ($one instanceof PlannedPart && !$one->kind->isOneWay() && !$one->kind->isOutlet() && PartKind::MixingValve !== $one->kind) {
                foreach ($one->kind->ports() as $port) {
                    $nodes[] = (new LineEnd($one, $port))->node;
                }
            }
        }

        return array_values(array_unique($nodes));
    }

    /** Whether anything is there that takes up its water, or lets it out. */
    public function isRelieved(): bool
    {
        return $this->isOpen() || [] !== $this->vessels || [] !== $this->reliefs;
    }

    /** The first part upstream that lets nothing back, a non-return valve before any other; null where nothing does. */
    public function closedBy(): ?PlannedPart
    {
        $first = null;
        foreach ($this->owners as $one) {
            if ($one instanceof PlannedPart && $one->kind->isOneWay()) {
                $first = null === $first || PartKind::NonReturn === $one->kind ? $one : $first;
            }
        }

        return $first;
    }

    /** Whether a part, or a pipe of which it is an end, is shut in with the heater. */
    public function holds(PlannedPart|LinePipe $one): bool
    {
        $ids = array_column([$this->heater, ...$this->owners], 'id');

        return $one instanceof LinePipe
            ? \in_array($one->from->owner->id, $ids, true) && \in_array($one->to->owner->id, $ids, true)
            : \in_array($one->id, $ids, true);
    }

    /** The pressure at which a relief valve lets water out; null without one. */
    public function relievedKpa(): ?float
    {
        $set = array_map(static fn (PlannedPart $one): float => $one->figures instanceof ReliefFigures ? $one->figures->setKpa : \INF, $this->reliefs);

        return [] === $set ? null : min($set);
    }

    /**
     * The pressure that heating brings, from what stands there cold, if no relief valve opens.
     *
     * @param VesselFigures|null $instead in the place of the first vessel
     */
    public function heatedKpa(float $coldKpa, ?VesselFigures $instead = null): float
    {
        $wantedL = $this->takenL($coldKpa, $instead) + $this->expandsL;
        [$low, $high] = [$coldKpa, self::MOST_KPA];
        if ($this->takenL($high, $instead) < $wantedL) {
            return $high;
        }
        while ($high - $low > self::PRECISE_KPA) {
            $middle = ($low + $high) / 2;
            if ($this->takenL($middle, $instead) < $wantedL) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    /** What comes of heating: as far as the vessels and the hoses let it rise, or to where a relief valve opens. */
    public function highestKpa(float $coldKpa): float
    {
        return max($coldKpa, min($this->heatedKpa($coldKpa), $this->relievedKpa() ?? \INF));
    }

    /** What vessels and hoses hold at a pressure beyond what they hold at none, in L. */
    private function takenL(float $kpa, ?VesselFigures $instead): float
    {
        $litres = $this->stretchL * $kpa / 100;
        foreach ($this->vessels as $index => $vessel) {
            $figures = 0 === $index && null !== $instead ? $instead : $vessel->figures;
            if ($figures instanceof VesselFigures && $kpa > $figures->prechargeKpa) {
                $air = ($figures->prechargeKpa + AccumulatorCalculator::ATMOSPHERE_KPA) / ($kpa + AccumulatorCalculator::ATMOSPHERE_KPA);
                $litres += $figures->volumeL * (1 - $air);
            }
        }

        return $litres;
    }

    /**
     * @param \Closure(PlannedPart): bool $ends what it does not go beyond; nor beyond outlets and mixing valves
     *
     * @return list<PlannedPart|PlannedTank> what stands on a heater’s side of that, that included, the nearest first
     */
    private static function within(PlannedPart $heater, LineGraph $graph, \Closure $ends): array
    {
        $stops = static fn (PlannedPart $part): bool => $part->kind->isOutlet() || PartKind::MixingValve === $part->kind || $ends($part);

        return array_map(
            static fn (LineEnd $end): PlannedPart|PlannedTank => $end->owner,
            Reach::from($heater, $heater->kind->ports(), $graph, $stops),
        );
    }
}
