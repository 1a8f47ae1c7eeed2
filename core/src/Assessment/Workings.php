<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Demand\Demand;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Demand\SupplyDemand;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Plan\TankForm;
use YardCask\Core\Tank\TankVolumeCalculator;

/** A plan with the answers of every calculator over it, each computed once. */
final readonly class Workings
{
    /** @param list<TankWorking> $tanks */
    private function __construct(
        public Plan $plan,
        public Say $say,
        public Demand $demand,
        public array $tanks,
        /** With the main tanks brim full. */
        public Payload $full,
        /** With the main tanks at the travel fill. */
        public Payload $travelling,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $tanks = self::tanksIn($plan);

        return new self(
            $plan,
            new Say($plan->units),
            DemandCalculator::calculate($plan->use->demandInput()),
            $tanks,
            PlannedPayload::calculate($plan, $tanks, Filling::BrimFull),
            PlannedPayload::calculate($plan, $tanks, Filling::Travelling),
        );
    }

    /** The workings of a plan that differs from this one in some sections; what the others give is not computed again. */
    public function with(Plan $plan): self
    {
        $tanks = $plan->tanks === $this->plan->tanks ? $this->tanks : self::tanksIn($plan);
        $sameWeights = $tanks === $this->tanks && $plan->load === $this->plan->load;

        return new self(
            $plan,
            $this->say,
            $plan->use === $this->plan->use ? $this->demand : DemandCalculator::calculate($plan->use->demandInput()),
            $tanks,
            $sameWeights ? $this->full : PlannedPayload::calculate($plan, $tanks, Filling::BrimFull),
            $sameWeights ? $this->travelling : PlannedPayload::calculate($plan, $tanks, Filling::Travelling),
        );
    }

    /** @return list<TankWorking> */
    private static function tanksIn(Plan $plan): array
    {
        $tanks = [];
        foreach ($plan->tanks as $index => $tank) {
            $tanks[] = new TankWorking($index, $tank, TankVolumeCalculator::calculate($tank->tankInput()));
        }

        return $tanks;
    }

    public function need(Supply $supply): SupplyDemand
    {
        return $this->demand->supply($supply->value);
    }

    /** @return list<TankWorking> */
    public function tanksOf(Supply $supply): array
    {
        return array_values(array_filter($this->tanks, static fn (TankWorking $working): bool => $supply === $working->tank->supply));
    }

    /** Litres that can be drawn from all tanks of a supply when they are brim full. */
    public function usableL(Supply $supply): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->volume->usableL, $this->tanksOf($supply)));
    }

    /** Litres that stand in all tanks of a supply when they are brim full. */
    public function fullL(Supply $supply): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->volume->fullL(), $this->tanksOf($supply)));
    }

    /** “on the road”, or what a boat is then. */
    public function underway(): string
    {
        return $this->full instanceof BoatPayload ? 'under way' : 'on the road';
    }

    /** Litres in the main tanks on the road. */
    public function travelL(): float
    {
        return array_sum(array_map(fn (TankWorking $working): float => $this->plan->travelFillOf($working->tank) * $working->volume->fullL(), $this->tanksOf(Supply::Main)));
    }

    /**
     * The days until the reserve is touched: (usable / (1 + reserve) − litres counted a stay) / litres counted a day.
     * Null when nothing is used by the day.
     */
    public function lastsDays(): ?float
    {
        $need = $this->need(Supply::Main);
        $perDayL = ($need->stayL - $need->fixedL) / $this->plan->use->days;
        if ($perDayL <= 0) {
            return null;
        }

        return max(0.0, ($this->usableL(Supply::Main) / (1 + $this->plan->use->reserve) - $need->fixedL) / $perDayL);
    }

    /** @return non-empty-list<LimitWorking> in the order of checking: the whole first */
    public function limits(): array
    {
        return array_map(static fn (FillLimit $full, FillLimit $travelling): LimitWorking => new LimitWorking($full, $travelling), $this->full->limits(), $this->travelling->limits());
    }

    /** The limit with the least left, on the road. */
    public function worstLimit(): LimitWorking
    {
        $limits = $this->limits();
        usort($limits, static fn (LimitWorking $a, LimitWorking $b): int => $a->spareAt(Filling::Travelling) <=> $b->spareAt(Filling::Travelling));

        return $limits[0];
    }

    /** The limit that is reached first when all main tanks are filled alike; null when they can be brim full. */
    public function fillingLimit(): ?LimitWorking
    {
        $name = $this->full->maxFill()->limitedBy;
        foreach ($this->limits() as $limit) {
            if ($limit->name === $name) {
                return $limit;
            }
        }

        return null;
    }

    /** The fixed main tank that holds most, if there is one. */
    public function largestFixedTank(): ?TankWorking
    {
        $fixed = array_filter($this->tanksOf(Supply::Main), static fn (TankWorking $working): bool => TankForm::Fixed === $working->tank->form);
        usort($fixed, static fn (TankWorking $a, TankWorking $b): int => $b->volume->grossL <=> $a->volume->grossL);

        return $fixed[0] ?? null;
    }

    public function rigFromM(): float
    {
        return $this->plan->load->rig->bodyFromM();
    }

    public function rigToM(): float
    {
        return $this->rigFromM() + $this->plan->load->rig->body()->lengthM;
    }
}
