<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\FillSplit;
use YardCask\Core\Payload\SplitLimit;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Wording;

/** How several fresh tanks travel with the most water within every limit from there to used up, each in whole litres or gallons. */
final readonly class BestSplit
{
    /** Halvings between filling all alike and a split that the waste aboard forbids. */
    private const HALVINGS = 8;

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
        $load = $workings->of(LoadWorkings::class);
        $tanks = $workings->of(TanksWorkings::class)->that(WaterKind::Fresh);
        $alike = $workings->of(GreatestFill::class);
        if (\count($tanks) < 2 || null === $alike->limitedBy) {
            return null;
        }
        $split = FillSplit::within(
            array_map(static fn (TankWorking $working): float => $working->fullL(), $tanks),
            self::lines($tanks, $alike->margin, $workings),
        );
        if (null === $split) {
            return null;
        }
        $step = Quantity::of(1.0, $workings->plan->units->volume)->in(Unit::Litre);
        $best = self::rounded($tanks, $split->fractions, $step);
        if (!$best->holds($alike->margin, $workings)) {
            // The waste tank fills up first, so go only as far towards that split as every limit holds all the way.
            [$kept, $broken] = [0.0, 1.0];
            for ($i = 0; $i < self::HALVINGS; ++$i) {
                $middle = ($kept + $broken) / 2;
                $between = self::rounded(
                    $tanks,
                    array_map(static fn (float $fraction): float => $alike->fraction + $middle * ($fraction - $alike->fraction), $split->fractions),
                    $step,
                );
                [$kept, $broken, $best] = $between->holds($alike->margin, $workings) ? [$middle, $broken, $between] : [$kept, $middle, $best];
            }
        }

        return $best->litres() >= $alike->litres + $step && $best->holds($alike->margin, $workings) ? $best : null;
    }

    /**
     * @param list<TankWorking> $tanks
     * @param list<float> $fractions
     * @param float $step the litres of a whole litre or gallon
     */
    private static function rounded(array $tanks, array $fractions, float $step): self
    {
        $down = static fn (TankWorking $working, float $fraction): float => $fraction >= 1.0
            ? $working->fullL()
            : floor($fraction * $working->fullL() / $step + 1e-6) * $step;

        return new self($tanks, array_map($down, $tanks, $fractions));
    }

    /** @return list<float> of what each tank holds brim full, rounded down to a millionth */
    public function fractions(): array
    {
        return array_map(static fn (TankWorking $working, float $litres): float => floor($litres / $working->fullL() * 1e6) / 1e6, $this->tanks, $this->litres);
    }

    public function litres(): float
    {
        return array_sum($this->litres);
    }

    /** “Front tank 80 L, tail tank 40 L”. */
    public function inWords(Wording $wording): string
    {
        return implode(
            ', ',
            array_map(
                static fn (TankWorking $working, float $litres): string => $working->tank->name.' '.$wording->litresAtMost($litres),
                $this->tanks,
                $this->litres,
            ),
        );
    }

    /**
     * Each line as it is on setting off, and once more as it is when all is used: what lies below the outlets stays,
     * and a share of what was drawn is in the waste tanks. A stay begun brim full may leave on these litres with its waste
     * aboard, as much as it can be. That the waste can be full before all is used is left to the trial of the result.
     *
     * @param list<TankWorking> $tanks
     *
     * @return list<SplitLimit>
     */
    private static function lines(array $tanks, float $margin, Workings $workings): array
    {
        $load = $workings->of(LoadWorkings::class);
        $use = $workings->of(UseWorkings::class);
        $nothing = array_map(static fn (): float => 0.0, $workings->plan->tanks);
        $empty = self::kg($load, $nothing);
        $at = static fn (int $index, float $litres): array => self::added(
            $load,
            array_map(static fn (int $tank): float => $tank === $index ? $litres : 0.0, array_keys($nothing)),
            $empty,
        );
        $full = array_map(static fn (TankWorking $working): array => $at($working->index, $working->fullL()), $tanks);
        $left = array_map(static fn (TankWorking $working): array => $at($working->index, min($working->leftL(), $working->fullL())), $tanks);
        $waste = [];
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $waste[] = [
                'perL' => $at($working->index, 1.0),
                'share' => $use->shareInto($working->tank, Supply::Main),
                'mostL' => $load->contents->wasteL($working, $load->contents->drawableL(WaterKind::Fresh, true), 0.0),
            ];
        }
        $drunk = self::kg(
            $load,
            array_map(
                static fn (TankWorking $working): float => WaterKind::Drinking === $working->tank->holds
                    ? min($working->leftL(), $working->fullL())
                    : 0.0,
                $workings->of(TanksWorkings::class)->all(),
            ),
        );
        $lines = [];
        foreach (GreatestFill::lines($load, $margin) as $number => $line) {
            $spareKg = $line->limitKg - $line->emptyKg;
            $addedKg = array_column($full, $number);
            $lines[] = new SplitLimit($spareKg, $addedKg);
            if ($load->contents->startsBrimFull()) {
                $lines[] = new SplitLimit(
                    $spareKg - array_sum(array_map(static fn (array $one): float => max(0.0, $one['mostL'] * $one['perL'][$number]), $waste)),
                    $addedKg,
                );
            }
            $perUsedKg = array_sum(array_map(static fn (array $one): float => $one['share'] * $one['perL'][$number], $waste));
            $lines[] = new SplitLimit(
                $line->limitKg - $drunk[$number] - array_sum(array_column($left, $number)),
                array_map(static fn (TankWorking $working): float => $working->suppliedL() * $perUsedKg, $tanks),
            );
        }

        return $lines;
    }

    /**
     * @param list<float> $litres in each tank of the plan
     *
     * @return list<float> what rests on each of GreatestFill's lines, in their order
     */
    private static function kg(LoadWorkings $load, array $litres): array
    {
        $payload = $load->payloadWith($litres);
        $kg = array_map(static fn (FillLimit $limit): float => $limit->kgAt(1.0), $payload->limits());
        if ($payload instanceof TrailerPayload) {
            $kg[] = UsualNose::of($load->plan)->leastShare() * $payload->gross->kgAt(1.0) - $payload->nose->kgAt(1.0);
        }

        return $kg;
    }

    /**
     * @param list<float> $litres in each tank of the plan
     * @param list<float> $emptyKg what rests on each line with nothing in any
     *
     * @return list<float> what the litres add to each line
     */
    private static function added(LoadWorkings $load, array $litres, array $emptyKg): array
    {
        return array_map(static fn (float $kg, float $without): float => $kg - $without, self::kg($load, $litres), $emptyKg);
    }

    private function holds(float $margin, Workings $workings): bool
    {
        $load = $workings->of(LoadWorkings::class);
        $fractions = array_map(static fn (): float => 1.0, $workings->plan->tanks);
        foreach ($this->tanks as $index => $working) {
            $fractions[$working->index] = $this->fractions()[$index];
        }

        return null === GreatestFill::brokenWith(array_values($fractions), $margin, $load);
    }
}
