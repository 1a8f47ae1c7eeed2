<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\Demand;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Demand\SupplyDemand;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Plan\Use\UsePlan;
use YardCask\Core\Stage\Line\Shared\OutletFlows;

/** What a plan's crew needs, and where it goes when it is used. */
final class UseWorkings implements StageWorkings
{
    private ?Demand $demand = null;

    private function __construct(
        private readonly UsePlan $use,
        private readonly OutletFlows $flows,
    ) {
    }

    public static function over(Workings $workings): static
    {
        return new self($workings->plan->use, $workings->of(OutletFlows::class));
    }

    public static function sections(): array
    {
        return ['use', OutletFlows::class];
    }

    public function demand(): Demand
    {
        return $this->demand ??= DemandCalculator::calculate($this->use->demandInput($this->flows->lpm));
    }

    public function need(Supply $supply): SupplyDemand
    {
        return $this->demand()->supply($supply->value);
    }

    /** The need between two fills that are $days apart; uses counted by the stay are not spread over days. */
    public function needFor(float $days, Supply $supply): SupplyDemand
    {
        return DemandCalculator::calculate($this->use->demandInput($this->flows->lpm, $days))->supply($supply->value);
    }

    /** What part of a supply, from 0 to 1, drains into a tank. */
    public function shareInto(PlannedTank $tank, Supply $supply): float
    {
        $stayL = $this->need($supply)->stayL;

        return $stayL > 0 ? min(1.0, $this->stayLInto($tank->id, $supply) / $stayL) : 0.0;
    }

    /** The litres of a stay that drain to a tank's id, outside, or nowhere. */
    public function stayLInto(string $drain, ?Supply $only = null): float
    {
        $litres = 0.0;
        foreach ($this->use->uses as $index => $use) {
            if ($drain === $use->drainsTo && (null === $only || $only === $use->supply)) {
                $litres += $this->demand()->uses[$index]->stayL;
            }
        }

        return $litres;
    }

    /** Those of them that come together before the waste is emptied. */
    public function untilEmptiedL(string $drain): float
    {
        return $this->stayLInto($drain) * min(1.0, ($this->use->wasteDays ?? $this->use->days) / $this->use->days);
    }

    /**
     * The days until the reserve is touched: (usable / (1 + reserve) − litres counted a stay) / litres counted a day.
     * Null when nothing is used by the day.
     */
    public function lastsDays(float $usableL): ?float
    {
        $need = $this->need(Supply::Main);
        $perDayL = ($need->stayL - $need->fixedL) / $this->use->days;
        if ($perDayL <= 0) {
            return null;
        }

        return max(0.0, ($usableL / (1 + $this->use->reserve) - $need->fixedL) / $perDayL);
    }
}
