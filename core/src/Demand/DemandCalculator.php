<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/**
 * How much water a crew uses between two fills.
 *
 * stay = litres · times · (people, or 1 for the rig) · (days, or 1 when counted a stay); daily = stay / days;
 * carry = Σ stay · (1 + reserve); low and high = Σ stay · (1 ∓ spread) · (1 + reserve).
 * Source: plain bookkeeping of a trip; the spreads add up because a thirsty week is thirsty in everything.
 */
final class DemandCalculator
{
    public static function calculate(DemandInput $input): Demand
    {
        $uses = [];
        $supplies = [];
        foreach ($input->uses as $use) {
            $heads = Each::Person === $use->each ? $input->crew : 1.0;
            $stayL = $use->litres * $use->times * $heads * (Per::Day === $use->per ? $input->days : 1.0);
            $uses[] = $demand = new UseDemand($use, $stayL / $input->days, $stayL);
            $supplies[$use->supply] = ($supplies[$use->supply] ?? new SupplyDemand())->plus($demand, $input->reserve);
        }

        return new Demand($uses, $supplies);
    }
}
