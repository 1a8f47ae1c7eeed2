<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Fill;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;

/**
 * In which order several fresh tanks are best drawn, so that the rig keeps its balance from side to side on the way to used up.
 *
 * What is aboard turns the rig by Σ weight · place across. Each litre drawn takes its tank's place across away, and what drains into a
 * waste tank adds that one's, so the moment is straight between two kinks: a tank drawn out, a waste tank full.
 */
final readonly class DrawOrder
{
    /** Of more tanks the orders are not all tried. */
    private const MOST_TRIED = 4;
    /** Less than this, in kg·m, nobody feels. */
    private const NOTHING_KG_M = 5.0;

    /**
     * @param list<TankWorking> $tanks
     * @param array<int, float> $drawableL by the tank's place in the plan
     */
    private function __construct(
        private Workings $workings,
        private array $tanks,
        private array $drawableL,
        private float $startKgM,
    ) {
    }

    /** What to draw first, in words; null where there are not two tanks to draw, or where it makes no difference. */
    public static function words(Workings $workings): ?string
    {
        $drawableL = [];
        $tanks = [];
        foreach ($workings->of(TanksWorkings::class)->that(WaterKind::Fresh) as $working) {
            $litres = $working->drawableL($workings->plan->travelFillOf($working->tank));
            if ($litres > 0) {
                $tanks[] = $working;
                $drawableL[$working->index] = $litres;
            }
        }
        if (\count($tanks) < 2) {
            return null;
        }
        $start = array_sum(
            array_map(static fn (Mass $mass): float => $mass->kg * $mass->yM, $workings->of(LoadWorkings::class)->aboardIn(RigState::Travelling)),
        );

        return (new self($workings, $tanks, $drawableL, $start))->compared();
    }

    private function compared(): ?string
    {
        $best = null;
        [$least, $most] = [\INF, 0.0];
        foreach ($this->orders() as $order) {
            $worst = $this->worstKgM(array_map(static fn (TankWorking $one): array => [$one], $order));
            $most = max($most, $worst);
            if ($worst < $least) {
                [$best, $least] = [$order, $worst];
            }
        }
        $together = $this->worstKgM([$this->tanks]);
        if (null === $best || $most - min($together, $least) < self::NOTHING_KG_M) {
            return null;
        }

        return $this->workings->wording->text('load.draw.order', [
            'together' => $this->side($together),
            'first' => $this->workings->wording->text(
                'load.draw.first',
                ['tanks' => implode(', ', array_map(static fn (TankWorking $one): string => $one->tank->name, \array_slice($best, 0, -1)))],
            ),
            'least' => $this->side($least),
            'matters' => $most - $least < self::NOTHING_KG_M ? 'no' : 'yes',
            'most' => $this->side($most),
        ]);
    }

    /** @return non-empty-list<list<TankWorking>> */
    private function orders(): array
    {
        return \count($this->tanks) > self::MOST_TRIED ? [$this->tanks, array_reverse($this->tanks)] : self::permutations($this->tanks);
    }

    /**
     * @param list<TankWorking> $tanks
     *
     * @return non-empty-list<list<TankWorking>>
     */
    private static function permutations(array $tanks): array
    {
        if (\count($tanks) < 2) {
            return [$tanks];
        }
        $all = [];
        foreach ($tanks as $index => $first) {
            $rest = $tanks;
            unset($rest[$index]);
            foreach (self::permutations(array_values($rest)) as $order) {
                $all[] = [$first, ...$order];
            }
        }

        return $all;
    }

    /**
     * The greatest moment to either side, where one group of tanks after the other is drawn, each group alike.
     *
     * @param list<list<TankWorking>> $groups
     */
    private function worstKgM(array $groups): float
    {
        $kgM = $this->startKgM;
        $worst = abs($kgM);
        $usedL = 0.0;
        foreach ($groups as $group) {
            $litres = array_sum(array_map(fn (TankWorking $one): float => $this->drawableL[$one->index], $group));
            $lost = array_sum(array_map(fn (TankWorking $one): float => $this->drawableL[$one->index] * $one->tank->yM, $group));
            // Where a waste tank grows full the line bends within a group.
            foreach ($this->kinks($usedL, $usedL + $litres) as $atL) {
                $worst = max($worst, abs($kgM - $lost * ($atL - $usedL) / $litres + $this->wasteKgM($atL)));
            }
            $kgM -= $lost;
            $usedL += $litres;
        }

        return $worst;
    }

    /** @return list<float> litres used at the bends between two amounts, and at the second */
    private function kinks(float $fromL, float $toL): array
    {
        $kinks = [$toL];
        foreach ($this->workings->of(TanksWorkings::class)->thatTakeWaste() as $waste) {
            $share = $this->workings->of(UseWorkings::class)->shareInto($waste->tank, Supply::Main);
            $fullAtL = $share > 0 ? $waste->fullL() / $share : \INF;
            if ($fullAtL > $fromL && $fullAtL < $toL) {
                $kinks[] = $fullAtL;
            }
        }

        return $kinks;
    }

    private function wasteKgM(float $usedL): float
    {
        $kgM = 0.0;
        foreach ($this->workings->of(TanksWorkings::class)->thatTakeWaste() as $waste) {
            $kgM += min($waste->fullL(), $usedL * $this->workings->of(UseWorkings::class)->shareInto($waste->tank, Supply::Main)) * $waste->tank->yM;
        }

        return $kgM;
    }

    /** As the difference of the wheels, or as a boat's moment. */
    private function side(float $kgM): Amount
    {
        $rig = $this->workings->plan->load->rig;
        $trackM = match (true) {
            $rig instanceof PlannedRoadRig => $rig->trackM(),
            $rig instanceof PlannedTrailer => min($rig->axles[0]->sizes->trackM, ...array_map(static fn ($axle): float => $axle->sizes->trackM, $rig->axles)),
            default => null,
        };

        return null === $trackM ? Amount::moment($kgM) : Amount::kg(2 * $kgM / $trackM);
    }
}
