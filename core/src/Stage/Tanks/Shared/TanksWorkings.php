<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Tank\TankVolumeCalculator;

/** What the tanks of a plan hold. */
final class TanksWorkings implements StageWorkings
{
    /** @var list<TankWorking>|null */
    private ?array $tanks = null;

    private function __construct(
        private readonly Plan $plan,
        private readonly TapReach $reach,
    ) {
    }

    public static function over(Workings $workings): static
    {
        return new self($workings->plan, $workings->of(TapReach::class));
    }

    public static function sections(): array
    {
        return ['filling', 'tanks', TapReach::class];
    }

    /** @return list<TankWorking> */
    public function all(): array
    {
        if (null === $this->tanks) {
            $this->tanks = [];
            foreach ($this->plan->tanks as $index => $tank) {
                $this->tanks[] = new TankWorking($index, $tank, TankVolumeCalculator::calculate($tank->tankInput()), $this->reach->isDrawn($tank));
            }
        }

        return $this->tanks;
    }

    public function one(PlannedTank $tank): TankWorking
    {
        return $this->all()[(int) array_search($tank->id, array_column($this->plan->tanks, 'id'), true)];
    }

    /** @return list<TankWorking> */
    public function that(WaterKind $holds): array
    {
        return array_values(array_filter($this->all(), static fn (TankWorking $working): bool => $holds === $working->tank->holds));
    }

    /** @return list<TankWorking> those that uses drain into */
    public function thatTakeWaste(): array
    {
        return array_values(array_filter($this->all(), static fn (TankWorking $working): bool => $working->tank->holds->takesWaste()));
    }

    /** Litres that can be drawn from all tanks of a kind when they are brim full. */
    public function usableL(WaterKind $holds): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->suppliedL(), $this->that($holds)));
    }

    /** @return list<TankWorking> those of a kind whose water somebody can draw */
    public function drawn(WaterKind $holds): array
    {
        return array_values(array_filter($this->that($holds), static fn (TankWorking $working): bool => $working->isDrawn));
    }

    /** Litres that stand in all tanks of a kind when they are brim full. */
    public function fullL(WaterKind $holds): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->fullL(), $this->that($holds)));
    }

    /** Litres that stand in the fresh tanks as they travel. */
    public function travelL(): float
    {
        return array_sum(
            array_map(fn (TankWorking $working): float => $this->plan->travelFillOf($working->tank) * $working->fullL(), $this->that(WaterKind::Fresh)),
        );
    }

    /** Litres that can be drawn from the fresh tanks as they travel. */
    public function travelUsableL(): float
    {
        return array_sum(
            array_map(fn (TankWorking $working): float => $working->drawableL($this->plan->travelFillOf($working->tank)), $this->that(WaterKind::Fresh)),
        );
    }

    /** The fixed fresh tank that holds most, if there is one. */
    public function largestFixed(): ?TankWorking
    {
        return $this->largest(static fn (PlannedTank $tank): bool => TankMounting::Fixed === $tank->form)[0] ?? null;
    }

    /** The largest fresh tank that is made to measure, so that its size can be changed; null without one. */
    public function largestMade(): ?TankWorking
    {
        return $this->made()[0] ?? null;
    }

    /** @return list<TankWorking> all such tanks, the largest first */
    public function made(): array
    {
        return $this->largest(static fn (PlannedTank $tank): bool => $tank->isMadeToMeasure());
    }

    /**
     * @param \Closure(PlannedTank): bool $counts
     *
     * @return list<TankWorking> the largest first
     */
    private function largest(\Closure $counts): array
    {
        $all = array_values(array_filter($this->that(WaterKind::Fresh), static fn (TankWorking $working): bool => $counts($working->tank)));
        usort($all, static fn (TankWorking $a, TankWorking $b): int => $b->grossL() <=> $a->grossL());

        return $all;
    }
}
