<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedBay;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\TankMounting;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** Tries every tank that can be had in every bay, turned or not, in place of a tank of the plan or beside all of them, and pairs of them in two bays. */
final class StockSearch
{
    /** Of a bay's tanks that no other there beats, how many are tried in pairs. */
    private const MOST_PER_BAY = 9;

    private int $tried = 0;
    private readonly Workings $workings;
    private readonly Plan $without;

    /** @param list<StockTank> $stock */
    private function __construct(
        private readonly Plan $plan,
        private readonly array $stock,
        private readonly ?int $replaced,
    ) {
        $this->workings = Workings::over($plan);
        $this->without = null === $replaced ? $plan : PartFields::changed($plan, ['tanks' => array_values(array_filter($plan->tanks, static fn (PlannedTank $tank): bool => $tank !== $plan->tanks[$replaced]))]);
    }

    /**
     * @param list<StockTank> $stock
     * @param string|null $replaced the id of the tank whose place is to be filled; null to add one
     */
    public static function over(Plan $plan, array $stock, ?string $replaced): StockOffer
    {
        $search = new self($plan, $stock, self::index($plan, $replaced));
        $rows = [];
        foreach ($stock as $one) {
            $fitting = array_values(array_filter(array_map(static fn (PlannedBay $bay): ?StockRow => $search->inBay($one, $bay), $plan->bays)));
            array_push($rows, ...([] === $fitting ? [$search->nowhere($one)] : $fitting));
        }

        return StockOffer::of($rows, $search->tried);
    }

    /**
     * Pairs in two bays, of the tanks of each bay that no other there beats.
     *
     * @param list<StockTank> $stock
     */
    public static function pairs(Plan $plan, array $stock, ?string $replaced): StockOffer
    {
        $search = new self($plan, $stock, self::index($plan, $replaced));
        $rows = [];
        $best = array_map($search->bestIn(...), $plan->bays);
        foreach ($plan->bays as $index => $bay) {
            foreach (\array_slice($plan->bays, 0, $index) as $before => $other) {
                foreach ($best[$index] as $one) {
                    foreach ($best[$before] as $two) {
                        $rows[] = $search->pair($two, $other, $one, $bay);
                    }
                }
            }
        }

        return StockOffer::of(array_values(array_filter($rows)), $search->tried);
    }

    private static function index(Plan $plan, ?string $id): ?int
    {
        foreach ($plan->tanks as $index => $tank) {
            if ($tank->id === $id) {
                return $index;
            }
        }

        return null;
    }

    /** @return list<StockTank> */
    private function bestIn(PlannedBay $bay): array
    {
        $rows = [];
        $stock = [];
        foreach ($this->stock as $one) {
            $row = $this->inBay($one, $bay);
            if (null !== $row) {
                $rows[] = $row;
                $stock[$row->id] = $one;
            }
        }

        return array_map(static fn (StockRow $row): StockTank => $stock[$row->id], \array_slice(StockOffer::best($rows), 0, self::MOST_PER_BAY));
    }

    private function inBay(StockTank $stock, PlannedBay $bay): ?StockRow
    {
        $standing = $this->standing($stock, $bay, $this->without, $this->id('tank'));

        return null === $standing || (null === $this->replaced && \count($this->plan->tanks) >= Plan::MOST_TANKS)
            ? null : $this->row($stock->id.' '.$bay->id, $stock->name, $this->size($stock), $bay->name, [[$stock, $standing]]);
    }

    private function pair(StockTank $one, PlannedBay $in, StockTank $other, PlannedBay $otherIn): ?StockRow
    {
        $first = $this->standing($one, $in, $this->without, $this->id('tank'));
        $with = null === $first ? null : PartFields::changed($this->without, ['tanks' => [...$this->without->tanks, $first]]);
        $second = null === $with || \count($with->tanks) >= Plan::MOST_TANKS ? null : $this->standing($other, $otherIn, $with, FreeId::of('tank', PartFields::changed($this->plan, ['tanks' => [...$this->plan->tanks, $first]])));
        if (null === $first || null === $second) {
            return null;
        }

        return $this->row($one->id.' '.$in->id.' '.$other->id.' '.$otherIn->id, $one->name.' and '.$other->name, $this->size($one).' and '.$this->size($other), $in->name.' and '.$otherIn->name, [[$one, $first], [$other, $second]]);
    }

    /** The id of the tank that is replaced, which it goes on under, or a free one. */
    private function id(string $prefix): string
    {
        return null === $this->replaced ? FreeId::of($prefix, $this->plan) : $this->plan->tanks[$this->replaced]->id;
    }

    private static function planned(StockTank $stock, string $id, string $name): PlannedTank
    {
        return new PlannedTank($id, $name, TankMounting::Fixed, $stock->shape, Holds::Fresh, 1.0, $stock->lengthMm, $stock->widthMm, $stock->heightMm, $stock->outletHeightMm, $stock->overflowHeightMm, 0.0, $stock->emptyKg, 0.0, 0.0, 0.0, true);
    }

    /** At the place in the bay that is nearest to its low corner; null where it does not fit or cannot be got in. */
    private function standing(StockTank $stock, PlannedBay $bay, Plan $plan, string $id): ?PlannedTank
    {
        $tank = self::planned($stock, $id, FreeId::name($stock->name, array_column($plan->tanks, 'name')));
        $this->tried += 2;

        return 0.0 === PlaceInBay::tooLargeMm($tank, $bay) ? PlaceInBay::nearest(PlaceInBay::cornered($tank, $bay, $plan), $bay, $plan) : null;
    }

    /**
     * The plan with these tanks brim full, and what comes of it.
     *
     * @param non-empty-list<array{StockTank, PlannedTank}> $chosen
     */
    private function row(string $id, string $name, string $size, string $where, array $chosen): StockRow
    {
        $say = $this->workings->say;
        $tanks = array_column($chosen, 1);
        $with = $this->workings->with(PartFields::changed($this->plan, ['tanks' => [...$this->without->tanks, ...$tanks]]));
        $usableL = $with->of(TanksWorkings::class)->usableL(Holds::Fresh);
        $days = $with->of(UseWorkings::class)->lastsDays($usableL);
        $limits = $with->of(LoadWorkings::class)->limits();
        usort($limits, static fn (LimitWorking $a, LimitWorking $b): int => $a->fromBrimFull->kg <=> $b->fromBrimFull->kg);
        $spareKg = $limits[0]->fromBrimFull->kg;
        $own = \array_slice($with->of(TanksWorkings::class)->all(), -\count($tanks));
        $kg = array_sum(array_map(static fn ($working): float => $working->tank->allEmptyKg() + $working->fullL(), $own));
        $floorM = $this->plan->load->rig->sizes()->floorM;
        $low = min(array_column($tanks, 'zM'));
        $clearanceMm = $low < $floorM - 0.0005 && !$with->of(LoadWorkings::class)->isBoat() ? 1000 * $low : null;
        $turned = array_filter($chosen, static fn (array $one): bool => $one[0]->lengthMm !== $one[1]->lengthMm);

        return new StockRow(
            $id,
            $name,
            $size,
            $where,
            [] !== $turned,
            $usableL,
            $say->litres($usableL),
            $days,
            null === $days ? '–' : $say->days(floor($days * 10 + 0.05) / 10),
            $kg,
            $say->kg($kg),
            $spareKg,
            $spareKg < -0.05 ? $say->kg(-$spareKg).' over, '.LimitWords::name($limits[0]->name, $this->workings->words) : $say->kg($spareKg).' left, '.LimitWords::name($limits[0]->name, $this->workings->words),
            $clearanceMm,
            null === $clearanceMm ? '–' : $say->mm($clearanceMm),
            array_sum(array_map(static fn (array $one): float => $one[0]->price, $chosen)),
            $this->patch($tanks),
        );
    }

    /** @param non-empty-list<PlannedTank> $tanks */
    private function patch(array $tanks): PlanPatch
    {
        $added = array_map(static fn (PlannedTank $tank): PlanPatch => PlanPatch::append('/tanks', $tank), null === $this->replaced ? $tanks : \array_slice($tanks, 1));

        return PlanPatch::all([...(null === $this->replaced ? [] : [PlanPatch::replace('/tanks/'.$this->replaced, $tanks[0])]), ...$added])->withTests($this->plan);
    }

    private function nowhere(StockTank $stock): StockRow
    {
        $say = $this->workings->say;
        $tank = self::planned($stock, $stock->id, $stock->name);
        $short = null;
        foreach ($this->plan->bays as $bay) {
            $largeMm = PlaceInBay::tooLargeMm($tank, $bay);
            $missingMm = $largeMm > 0 ? $largeMm : PlaceInBay::shortMm($tank, $bay, $this->without);
            $what = $largeMm > 0 ? ' missing at the opening of ' : ' missing in ';
            if (null !== $missingMm && (null === $short || $missingMm < $short[0])) {
                $short = [$missingMm, $say->mm($missingMm).$what.$bay->name];
            }
        }

        return new StockRow($stock->id, $stock->name, $this->size($stock), $short[1] ?? ([] === $this->plan->bays ? 'no bay measured yet' : 'fits nowhere'), false, 0.0, '–', null, '–', 0.0, '–', 0.0, '–', null, '–', $stock->price, null);
    }

    private function size(StockTank $stock): string
    {
        $number = fn (float $mm): string => $this->workings->say->format->figure($mm, Unit::Millimetre, Kind::Length);

        return $number($stock->lengthMm).' × '.$number($stock->widthMm).' × '.$this->workings->say->mm($stock->heightMm);
    }
}
