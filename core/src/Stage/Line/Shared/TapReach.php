<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\OpenWays;

/**
 * The outlets that the water of each tank reaches with some setting of the valves: pumped or downhill, through another tank that it can
 * fill, or by moving the hose from one can to the next. Parts fitted backwards count as turned round: each is a snag of its own.
 */
final readonly class TapReach implements KeptWorkings, KeyedWorkings
{
    /** @param array<string, list<string>> $outlets ids of outlets, by the id of each tank that reaches any */
    private function __construct(
        /** Whether there is an outlet; without one nobody can say what it reaches, and every tank counts. */
        public bool $isPlanned,
        private array $outlets,
        private bool $isRecalled = false,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var array{bool, array<string, list<string>>}|null $kept */
        $kept = $workings->recalled(self::class, self::sections());

        return null === $kept ? self::found($workings) : new self(...$kept, isRecalled: true);
    }

    public function toKeep(): ?array
    {
        return $this->isRecalled ? null : [$this->isPlanned, $this->outlets];
    }

    private static function found(Workings $workings): self
    {
        $graph = $workings->of(LineGraph::class);
        if ([] === $graph->outlets) {
            return new self(false, []);
        }

        return new self(true, self::throughTanks(self::throughTheLine($graph), $workings->plan));
    }

    public static function sections(): array
    {
        return ['line_joints', 'tanks'];
    }

    public function key(): string
    {
        return serialize([$this->isPlanned, $this->outlets]);
    }

    /** Whether what it holds can be got out: what is poured by hand needs no tap, nor does waste. */
    public function isDrawn(PlannedTank $tank): bool
    {
        return !$this->isPlanned || $tank->holds->takesWaste() || self::isPoured($tank) || [] !== $this->outletsOf($tank);
    }

    public static function isPoured(PlannedTank $tank): bool
    {
        return $tank->poured && TankMounting::Fixed !== $tank->form;
    }

    /** @return list<string> ids of the outlets that its water reaches */
    public function outletsOf(PlannedTank $tank): array
    {
        return $this->outlets[$tank->id] ?? [];
    }

    /** @return array<string, list<string>> what each tank reaches by pipes alone, pumped or downhill: ids of outlets, and of tanks that it can fill */
    private static function throughTheLine(LineGraph $graph): array
    {
        $open = OpenWays::rightWayRound($graph);
        $heights = $goals = [];
        foreach ($graph->outlets as $outlet) {
            foreach ($outlet->kind->ports() as $port) {
                $goals[$outlet->port($port)] = $outlet->id;
                $heights[$outlet->port($port)] = $outlet->zM;
            }
        }
        foreach ($graph->fills() as $fill) {
            $goals[$fill->node] = $fill->owner->id;
            $heights[$fill->node] = $fill->zM();
        }
        $reached = [];
        foreach ($graph->draws() as $draw) {
            $levelM = $draw->owner instanceof PlannedTank ? $draw->owner->zM + $draw->owner->overflowMm() / 1000 : 0.0;
            $below = array_filter($heights, static fn (float $zM): bool => $zM < $levelM);
            $ways = self::pumped($open->reachable([$draw->node]), $open, $graph) + array_intersect_key($open->reachableUnpumped([$draw->node]), $below);
            $reached[$draw->owner->id] = array_values(array_unique(array_intersect_key($goals, $ways)));
        }

        return $reached;
    }

    /**
     * @param array<string, true> $reached nodes
     *
     * @return array<string, true> those downstream of a pump whose inlet is among them
     */
    private static function pumped(array $reached, OpenWays $open, LineGraph $graph): array
    {
        $pumps = array_filter($graph->pumps, static fn (PlannedPart $pump): bool => isset($reached[$pump->port(PartPort::In)]));

        return $open->reachable(array_values(array_map(static fn (PlannedPart $pump): string => $pump->port(PartPort::Out), $pumps)));
    }

    /**
     * @param array<string, list<string>> $reached ids of outlets and tanks
     *
     * @return array<string, list<string>> ids of outlets, also those of the tanks that a tank fills, and of the cans beside a can
     */
    private static function throughTanks(array $reached, Plan $plan): array
    {
        $kinds = array_column($plan->tanks, 'holds', 'id');
        foreach ($plan->tanks as $tank) {
            foreach ($plan->tanks as $other) {
                $isBeside = $other !== $tank && TankMounting::Fixed !== $tank->form && TankMounting::Fixed !== $other->form;
                if ($isBeside && !$tank->holds->takesWaste() && isset($reached[$other->id])) {
                    $reached[$tank->id][] = $other->id;
                }
            }
        }
        $outlets = [];
        foreach (array_keys($reached) as $id) {
            $seen = [$id => true];
            $queue = [$id];
            while ([] !== $queue) {
                foreach ($reached[array_shift($queue)] ?? [] as $next) {
                    // Water of another kind is not filled into it.
                    if (!isset($seen[$next]) && (!isset($kinds[$next]) || $kinds[$next] === $kinds[$id])) {
                        $seen[$next] = true;
                        $queue[] = $next;
                    }
                }
            }
            $outlets[$id] = array_values(array_filter(array_keys($seen), static fn (string $one): bool => !isset($kinds[$one])));
        }

        return array_filter($outlets);
    }
}
