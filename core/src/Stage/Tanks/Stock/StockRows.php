<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\ListPatch;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Wording;

/** What comes of a plan with tanks that can be had, as rows to choose from. */
final readonly class StockRows
{
    private Workings $workings;
    private Wording $wording;

    public function __construct(private StockPlaces $places, private PartStock $parts)
    {
        $this->workings = Workings::over($places->plan);
        $this->wording = $this->workings->wording;
    }

    /** One tank in a bay; null where it does not fit or the plan holds no more. */
    public function inBay(StockTank $stock, PlannedBay $bay): ?StockRow
    {
        $standing = $this->places->alone($stock, $bay);

        return null === $standing || \count($this->places->without->tanks) >= Plan::MOST_TANKS
            ? null : $this->row($stock->id.' '.$bay->id, $stock->name, $this->size($stock), $bay->name, [[$stock, $standing]]);
    }

    /** Two tanks; null where they do not fit together or the plan holds no more. */
    public function pair(StockTank $one, PlannedBay $in, StockTank $other, PlannedBay $otherIn): ?StockRow
    {
        $first = $this->places->alone($one, $in);
        $with = null === $first ? null : PartFields::changed($this->places->without, ['tanks' => [...$this->places->without->tanks, $first]]);
        $second = null === $first || null === $with || \count($with->tanks) >= Plan::MOST_TANKS ? null : $this->places->beside($first, $other, $otherIn, $with);
        if (null === $first || null === $second) {
            return null;
        }

        $where = $in === $otherIn ? $in->name : $this->wording->list([$in->name, $otherIn->name]);
        $name = $this->wording->list([$one->name, $other->name]);
        $size = $this->wording->list([$this->size($one), $this->size($other)]);

        return $this->row($one->id.' '.$in->id.' '.$other->id.' '.$otherIn->id, $name, $size, $where, [[$one, $first], [$other, $second]]);
    }

    /** One that goes into no bay, with what it lacks where it lacks least. */
    public function nowhere(StockTank $stock): StockRow
    {
        $tank = $stock->planned($stock->id, $stock->name, $this->places->plan, []);
        $short = null;
        foreach ($this->places->plan->bays as $bay) {
            $largeMm = PlaceInBay::tooLargeMm($tank, $bay);
            $missingMm = $largeMm > 0 ? $largeMm : PlaceInBay::shortMm($tank, $bay, $this->places->without);
            if (null !== $missingMm && (null === $short || $missingMm < $short[0])) {
                $short = [
                    $missingMm,
                    $this->wording->text($largeMm > 0 ? 'tanks.stock.opening' : 'tanks.stock.short', ['by' => Amount::mm($missingMm), 'bay' => $bay->name]),
                ];
            }
        }

        $where = $short[1] ?? $this->wording->text([] === $this->places->plan->bays ? 'tanks.stock.no-bay' : 'tanks.stock.nowhere');

        return new StockRow(
            id: $stock->id,
            name: $stock->name,
            size: $this->size($stock),
            where: $where,
            turned: false,
            usableL: 0.0,
            usable: '–',
            days: null,
            daysText: '–',
            kg: 0.0,
            weight: '–',
            spareKg: 0.0,
            spare: '–',
            clearanceMm: null,
            clearance: '–',
            price: $stock->price,
            patch: null,
        );
    }

    /**
     * The plan with these tanks joined and brim full, and what comes of it.
     *
     * @param non-empty-list<array{StockTank, PlannedTank}> $chosen
     */
    private function row(string $id, string $name, string $size, string $where, array $chosen): StockRow
    {
        $tanks = array_column($chosen, 1);
        $placed = PartFields::changed($this->places->plan, ['tanks' => [...$this->places->without->tanks, ...$tanks]]);
        $with = $this->workings->with($this->joined($placed, $tanks));
        $usableL = $with->of(TanksWorkings::class)->usableL(WaterKind::Fresh);
        $days = $with->of(UseWorkings::class)->lastsDays($usableL);
        $limits = $with->of(LoadWorkings::class)->limits();
        usort($limits, static fn (LimitWorking $a, LimitWorking $b): int => $a->fromBrimFull->kg <=> $b->fromBrimFull->kg);
        $spareKg = $limits[0]->fromBrimFull->kg;
        $own = \array_slice($with->of(TanksWorkings::class)->all(), -\count($tanks));
        $kg = array_sum(array_map(static fn ($working): float => $working->tank->allEmptyKg() + $working->fullL(), $own));
        $floorM = $this->places->plan->load->rig->sizes()->floorM;
        $low = min(array_column($tanks, 'zM'));
        $clearanceMm = $low < $floorM - 0.0005 && !$with->of(LoadWorkings::class)->isBoat() ? 1000 * $low : null;
        $turned = array_filter($chosen, static fn (array $one): bool => $one[0]->lengthMm !== $one[1]->lengthMm);

        return new StockRow(
            id: $id,
            name: $name,
            size: $size,
            where: $where,
            turned: [] !== $turned,
            usableL: $usableL,
            usable: $this->wording->litres($usableL),
            days: $days,
            daysText: null === $days ? '–' : $this->wording->days(floor($days * 10 + 0.05) / 10),
            kg: $kg,
            weight: $this->wording->kg($kg),
            spareKg: $spareKg,
            spare: $this->wording->text(
                'tanks.stock.spare',
                [
                    'kg' => Amount::kg(abs($spareKg)),
                    'broken' => $spareKg < -0.05 ? 'yes' : 'no',
                    'limit' => LimitWords::name($limits[0]->name, $this->workings->rigWords),
                ],
            ),
            clearanceMm: $clearanceMm,
            clearance: null === $clearanceMm ? '–' : $this->wording->mm($clearanceMm),
            price: array_sum(array_map(static fn (array $one): float => $one[0]->price, $chosen)),
            patch: $this->patch($tanks, $with->plan),
        );
    }

    /**
     * Each of these that nothing draws on joined to the line, where it can be.
     *
     * @param non-empty-list<PlannedTank> $tanks
     */
    private function joined(Plan $plan, array $tanks): Plan
    {
        foreach ($tanks as $tank) {
            $plan = $this->workings->with($plan)->of(TapReach::class)->isDrawn($tank) ? $plan : TankJoin::joined($tank, $plan, $this->parts);
        }

        return $plan;
    }

    /** @param non-empty-list<PlannedTank> $tanks */
    private function patch(array $tanks, Plan $with): PlanPatch
    {
        $replaced = $this->places->replacedIndex;
        // With the outlets at which they were joined.
        $joined = array_column($with->tanks, null, 'id');
        $tanks = array_map(static fn (PlannedTank $tank): PlannedTank => $joined[$tank->id], $tanks);
        $added = array_map(
            static fn (PlannedTank $tank): PlanPatch => PlanPatch::append('/tanks', $tank),
            null === $replaced ? $tanks : \array_slice($tanks, 1),
        );

        $line = ListPatch::ofLine($this->places->plan->line, $with->line);

        return PlanPatch::all(
            [...(null === $replaced ? [] : [PlanPatch::replace('/tanks/'.$replaced, $tanks[0])]), ...$added, $line],
        )->withTests($this->places->plan);
    }

    private function size(StockTank $stock): string
    {
        $number = fn (float $mm): string => $this->wording->format->figure($mm, Unit::Millimetre, Kind::Length);

        return $number($stock->lengthMm).' × '.$number($stock->widthMm).' × '.$this->wording->mm($stock->heightMm);
    }
}
