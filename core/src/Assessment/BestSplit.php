<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\FillSplit;
use YardCask\Core\Payload\SplitLimit;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** How several main tanks travel with the most water within every limit, each in whole litres or gallons. */
final readonly class BestSplit
{
    /**
     * @param list<TankWorking> $tanks
     * @param list<float> $litres for each of them
     */
    private function __construct(
        public array $tanks,
        public array $litres,
    ) {
    }

    /** Null where there is nothing to split: one tank, no limit reached, or no more to be had than by filling all alike. */
    public static function of(Workings $workings): ?self
    {
        $tanks = $workings->tanksOf(Supply::Main);
        if (\count($tanks) < 2 || null === $workings->fillingLimit()) {
            return null;
        }
        // What each full tank adds to each limit is what it weighs there in a plan that has no other.
        $alone = array_map(static fn (TankWorking $working): array => PlannedPayload::calculate($workings->plan, [$working], Filling::BrimFull)->limits(), $tanks);
        $limits = [];
        foreach ($workings->limits() as $index => $limit) {
            $limits[] = new SplitLimit($limit->spareAt(Filling::TanksEmpty), array_map(static fn (array $one): float => $one[$index]->waterKg, $alone));
        }
        $split = FillSplit::within(array_map(static fn (TankWorking $working): float => $working->volume->fullL(), $tanks), $limits);
        $step = Quantity::of(1.0, $workings->plan->units->volume)->in(Unit::Litre);
        $litres = [];
        foreach ($tanks as $index => $working) {
            $fullL = $working->volume->fullL();
            $litres[] = $split->fractions[$index] >= 1.0 ? $fullL : floor($split->fractions[$index] * $fullL / $step + 1e-6) * $step;
        }
        $rounded = new self($tanks, $litres);
        $broken = array_filter($limits, static fn (SplitLimit $limit): bool => !$limit->holds($rounded->fractions()));

        return [] === $broken && $rounded->litres() >= $workings->full->maxFill()->litres + $step ? $rounded : null;
    }

    /** @return list<float> of what each tank holds brim full, rounded down to a millionth */
    public function fractions(): array
    {
        return array_map(static fn (TankWorking $working, float $litres): float => floor($litres / $working->volume->fullL() * 1e6) / 1e6, $this->tanks, $this->litres);
    }

    public function litres(): float
    {
        return array_sum($this->litres);
    }

    /** “Front tank 80 L, tail tank 40 L”. */
    public function inWords(Say $say): string
    {
        return implode(', ', array_map(static fn (TankWorking $working, float $litres): string => $working->tank->name.' '.$say->litresAtMost($litres), $this->tanks, $this->litres));
    }
}
