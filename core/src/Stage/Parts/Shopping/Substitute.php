<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Catalogue\Fitting\AdapterFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedSubstitute;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Record\Purchased;

/** What was bought in the place of something, if the catalogue has it, and what puts it into the plan. */
final readonly class Substitute
{
    private function __construct(
        /** The item that it replaces. */
        public string $item,
        public StockPart|StockPipe|StockFitting $stock,
        /** The fitting that it replaces; null where that is none. */
        private ?StockFitting $replaced,
    ) {
    }

    /** Null where nothing was bought instead, or nothing that the catalogue knows by its id or its name. */
    public static function of(Purchased $purchased, PartStock $stock): ?self
    {
        $called = $purchased->purchase->instead;
        if (null === $called) {
            return null;
        }
        $is = static fn (StockPart|StockPipe|StockFitting $one): bool => $called === $one->id || mb_strtolower(trim($called)) === mb_strtolower($one->name);
        foreach ([...$stock->parts(), ...$stock->pipes(), ...array_values($stock->fittings())] as $one) {
            if ($is($one)) {
                return new self($purchased->item, $one, $stock->fittings()[$purchased->item] ?? null);
            }
        }

        return null;
    }

    /** Puts it wherever the plan has what it replaces; nothing where it is not of that kind. */
    public function patch(Plan $plan): PlanPatch
    {
        $stock = $this->stock;

        return PlanPatch::all(match (true) {
            $stock instanceof StockPart => $this->parts($stock, $plan),
            $stock instanceof StockPipe => $this->pipes($stock, $plan),
            $stock->figures instanceof TankFittingFigures => $this->tankFittings($stock, $stock->figures, $plan),
            $stock->figures instanceof AdapterFigures => $this->adapters($stock, $plan),
            default => $this->chosen($stock, $plan),
        });
    }

    /** @return list<PlanPatch> */
    private function parts(StockPart $stock, Plan $plan): array
    {
        $patches = [];
        foreach ($plan->line->parts as $index => $part) {
            if ($this->item === ($part->stock ?? $part->id) && $stock->kind === $part->kind) {
                $patches[] = PlanPatch::replace('/line/parts/'.$index, $stock->insteadOf($part));
            }
        }

        return $patches;
    }

    /** @return list<PlanPatch> */
    private function pipes(StockPipe $stock, Plan $plan): array
    {
        $patches = [];
        foreach ($plan->line->pipes as $index => $pipe) {
            if ($this->item === ($pipe->stock ?? $pipe->id)) {
                $patches[] = PlanPatch::replace('/line/pipes/'.$index, $stock->insteadOf($pipe));
            }
        }

        return $patches;
    }

    /** @return list<PlanPatch> */
    private function tankFittings(StockFitting $stock, TankFittingFigures $figures, Plan $plan): array
    {
        $patches = [];
        foreach (null === $figures->end ? [] : $plan->tanks as $tankIndex => $tank) {
            foreach ($tank->ports as $index => $port) {
                if ($this->item === $port->fitting) {
                    $with = PartFields::changed($port, ['fitting' => $stock->id, 'end' => $figures->end]);
                    $patches[] = PlanPatch::replace('/tanks/'.$tankIndex.'/ports/'.$index, $with);
                }
            }
        }

        return $patches;
    }

    /** @return list<PlanPatch> */
    private function adapters(StockFitting $stock, Plan $plan): array
    {
        $patches = [];
        foreach ($plan->line->pipes as $index => $pipe) {
            foreach (['from_joint' => $pipe->fromJoint, 'to_joint' => $pipe->toJoint] as $key => $joint) {
                foreach ($joint->adapters ?? [] as $at => $adapter) {
                    if ($this->item === $adapter->stock) {
                        $patches[] = PlanPatch::replace("/line/pipes/$index/$key/adapters/$at", self::likeIt($stock, $adapter));
                    }
                }
            }
        }

        return $patches;
    }

    /** The way round that has the same kind of end where the other has it. */
    private static function likeIt(StockFitting $stock, PlannedAdapter $adapter): PlannedAdapter
    {
        $turned = $stock->planned($adapter->id, true);

        return $turned->near()?->end?->system === $adapter->near()?->end?->system && $turned->far()?->end?->system === $adapter->far()?->end?->system
            ? $turned
            : $stock->planned($adapter->id, false);
    }

    /** @return list<PlanPatch> of what is chosen by its size: it is used wherever it suits */
    private function chosen(StockFitting $stock, Plan $plan): array
    {
        if ($stock->kind !== $this->replaced?->kind) {
            return [];
        }
        $instead = array_column($plan->line->substitutes ?? [], 'instead', 'item');
        // What is to be replaced may be there for something else already.
        $before = array_keys($instead, $this->item, true);
        $for = [] === $before ? [$this->item] : $before;
        $instead = [...$instead, ...array_fill_keys($for, $stock->id)];
        $instead = array_filter($instead, static fn (string $is, string $item): bool => $is !== $item, \ARRAY_FILTER_USE_BOTH);
        $with = array_map(static fn (string $item, string $is): PlannedSubstitute => new PlannedSubstitute($item, $is), array_keys($instead), $instead);

        return \count($with) > LinePlan::MOST_SUBSTITUTES ? [] : [PlanPatch::add('/line/substitutes', $with)];
    }
}
