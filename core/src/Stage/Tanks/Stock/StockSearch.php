<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;

/** Tries every tank that can be had in every bay, turned or not, in place of a tank of the plan or beside all of them, and pairs of them. */
final class StockSearch
{
    /** Of a bay's tanks that no other there beats, how many are tried in pairs. */
    private const MOST_PER_BAY = 9;
    /** No tank of a plan has it. */
    private const SECOND = '-';

    private int $tried = 0;
    /** @var array<string, ?PlannedTank> */
    private array $known = [];
    private readonly Workings $workings;
    private readonly Plan $without;

    /** @param list<StockTank> $stock */
    private function __construct(
        private readonly Plan $plan,
        private readonly array $stock,
        private readonly ?int $replaced,
    ) {
        $this->workings = Workings::over($plan);
        $this->without = null === $replaced
            ? $plan
            : PartFields::changed(
                $plan,
                ['tanks' => array_values(array_filter($plan->tanks, static fn (PlannedTank $tank): bool => $tank !== $plan->tanks[$replaced]))],
            );
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
     * Pairs in one bay or in two, in two of the tanks of each bay that no other there beats.
     *
     * @param list<StockTank> $stock
     */
    public static function pairs(Plan $plan, array $stock, ?string $replaced): StockOffer
    {
        $search = new self($plan, $stock, self::index($plan, $replaced));
        $rows = [];
        $best = array_map($search->bestIn(...), $plan->bays);
        foreach ($plan->bays as $index => $bay) {
            array_push($rows, ...$search->pairsIn($bay, $best[$index]));
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

    /**
     * Two tanks in one bay, the larger first.
     *
     * Both have to go in, so only those are tried whose boxes together have room in it.
     *
     * @param list<StockTank> $stock
     *
     * @return list<StockRow>
     */
    private function pairsIn(PlannedBay $bay, array $stock): array
    {
        $roomL = $bay->lengthMm * $bay->widthMm * $bay->heightMm / 1e6;
        usort($stock, static fn (StockTank $a, StockTank $b): int => self::outsideL($b) <=> self::outsideL($a));
        $rows = [];
        foreach ($stock as $index => $one) {
            // The largest that goes in beside it is the one that counts.
            foreach (\array_slice($stock, $index) as $other) {
                $row = self::outsideL($one) + self::outsideL($other) > $roomL || !self::areApartIn($bay, $one, $other)
                    ? null
                    : $this->pair($one, $bay, $other, $bay);
                if (null !== $row) {
                    $rows[] = $row;
                    break;
                }
            }
        }

        return $rows;
    }

    /** Whether two upright tanks fit beside, behind or above each other, ignoring obstructions. */
    private static function areApartIn(PlannedBay $bay, StockTank $one, StockTank $other): bool
    {
        $slimMm = min($one->lengthMm, $one->widthMm) + min($other->lengthMm, $other->widthMm);

        return $slimMm <= max($bay->lengthMm, $bay->widthMm) || $one->heightMm + $other->heightMm <= $bay->heightMm;
    }

    private static function outsideL(StockTank $stock): float
    {
        return $stock->lengthMm * $stock->widthMm * $stock->heightMm / 1e6;
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
        $standing = $this->alone($stock, $bay);

        return null === $standing || (null === $this->replaced && \count($this->plan->tanks) >= Plan::MOST_TANKS)
            ? null : $this->row($stock->id.' '.$bay->id, $stock->name, $this->size($stock), $bay->name, [[$stock, $standing]]);
    }

    private function pair(StockTank $one, PlannedBay $in, StockTank $other, PlannedBay $otherIn): ?StockRow
    {
        $first = $this->alone($one, $in);
        $with = null === $first ? null : PartFields::changed($this->without, ['tanks' => [...$this->without->tanks, $first]]);
        $second = null === $first || null === $with || \count($with->tanks) >= Plan::MOST_TANKS ? null : $this->beside($first, $other, $otherIn, $with);
        if (null === $first || null === $second) {
            return null;
        }

        $where = $in === $otherIn ? $in->name : $this->workings->wording->list([$in->name, $otherIn->name]);
        $name = $this->workings->wording->list([$one->name, $other->name]);
        $size = $this->workings->wording->list([$this->size($one), $this->size($other)]);

        return $this->row($one->id.' '.$in->id.' '.$other->id.' '.$otherIn->id, $name, $size, $where, [[$one, $first], [$other, $second]]);
    }

    /** The id of the tank that is replaced, which it goes on under, or a free one. */
    private function id(string $prefix): string
    {
        return $this->replacedId() ?? FreeId::of($prefix, $this->plan);
    }

    private function replacedId(): ?string
    {
        return null === $this->replaced ? null : $this->plan->tanks[$this->replaced]->id;
    }

    /** @return list<PlannedPort> what sits in the tank that is replaced goes over, with its hoses */
    private function fitted(): array
    {
        $ports = null === $this->replaced ? [] : $this->plan->tanks[$this->replaced]->ports;

        return array_values(array_filter($ports, static fn (PlannedPort $port): bool => PortRole::Spare !== $port->role));
    }

    /** Where it stands as the only one that is added, with what sits in the tank that it replaces; worked out once. */
    private function alone(StockTank $stock, PlannedBay $bay): ?PlannedTank
    {
        return $this->known($stock, $bay, $this->id('tank'));
    }

    private function known(StockTank $stock, PlannedBay $bay, string $id): ?PlannedTank
    {
        $key = $stock->id.' '.$bay->id.' '.$id;
        if (!\array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->standing($stock, $bay, $this->without, $id);
        }

        return $this->known[$key];
    }

    /** A second one, where it would stand alone if the first is not in its way there. */
    private function beside(PlannedTank $first, StockTank $stock, PlannedBay $bay, Plan $with): ?PlannedTank
    {
        $alone = $this->known($stock, $bay, self::SECOND);
        if (null === $alone) {
            return null;
        }
        $id = FreeId::of('tank', PartFields::changed($this->plan, ['tanks' => [...$this->plan->tanks, $first]]));
        if (FreePlace::isFree($alone, [...$first->solids(), ...$first->fittings()])) {
            return StockTank::renamed($alone, $id, FreeName::of($stock->name, array_column($with->tanks, 'name')), $with);
        }

        return $this->standing($stock, $bay, $with, $id);
    }

    /** At the place in the bay that is nearest to its low corner; null where it does not fit or cannot be got in. */
    private function standing(StockTank $stock, PlannedBay $bay, Plan $plan, string $id): ?PlannedTank
    {
        $tank = $stock->planned($id, FreeName::of($stock->name, array_column($plan->tanks, 'name')), $plan, $id === $this->replacedId() ? $this->fitted() : []);
        $this->tried += 2;

        if (PlaceInBay::tooLargeMm($tank, $bay) > 0) {
            return null;
        }
        $cornered = PlaceInBay::cornered($tank, $bay, $plan);

        return PlaceInBay::nearest($cornered, $bay, $plan) ?? self::bare($cornered, $bay, $plan);
    }

    /** Where the tank has room and its fittings have none: they can go to another face. */
    private static function bare(PlannedTank $tank, PlannedBay $bay, Plan $plan): ?PlannedTank
    {
        $placed = PlaceInBay::nearest(PartFields::changed($tank, ['ports' => []]), $bay, $plan);

        return null === $placed
            ? null
            : PartFields::changed(
                $placed,
                ['ports' => $placed->lengthMm === $tank->lengthMm && $placed->widthMm === $tank->widthMm ? $tank->ports : $tank->turned()->ports],
            );
    }

    /**
     * The plan with these tanks brim full, and what comes of it.
     *
     * @param non-empty-list<array{StockTank, PlannedTank}> $chosen
     */
    private function row(string $id, string $name, string $size, string $where, array $chosen): StockRow
    {
        $wording = $this->workings->wording;
        $tanks = array_column($chosen, 1);
        $with = $this->workings->with(PartFields::changed($this->plan, ['tanks' => [...$this->without->tanks, ...$tanks]]));
        $usableL = $with->of(TanksWorkings::class)->usableL(WaterKind::Fresh);
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
            id: $id,
            name: $name,
            size: $size,
            where: $where,
            turned: [] !== $turned,
            usableL: $usableL,
            usable: $wording->litres($usableL),
            days: $days,
            daysText: null === $days ? '–' : $wording->days(floor($days * 10 + 0.05) / 10),
            kg: $kg,
            weight: $wording->kg($kg),
            spareKg: $spareKg,
            spare: $wording->text(
                'tanks.stock.spare',
                [
                    'kg' => Amount::kg(abs($spareKg)),
                    'broken' => $spareKg < -0.05 ? 'yes' : 'no',
                    'limit' => LimitWords::name($limits[0]->name, $this->workings->rigWords),
                ],
            ),
            clearanceMm: $clearanceMm,
            clearance: null === $clearanceMm ? '–' : $wording->mm($clearanceMm),
            price: array_sum(array_map(static fn (array $one): float => $one[0]->price, $chosen)),
            patch: $this->patch($tanks),
        );
    }

    /** @param non-empty-list<PlannedTank> $tanks */
    private function patch(array $tanks): PlanPatch
    {
        $added = array_map(
            static fn (PlannedTank $tank): PlanPatch => PlanPatch::append('/tanks', $tank),
            null === $this->replaced ? $tanks : \array_slice($tanks, 1),
        );

        return PlanPatch::all(
            [...(null === $this->replaced ? [] : [PlanPatch::replace('/tanks/'.$this->replaced, $tanks[0])]), ...$added],
        )->withTests($this->plan);
    }

    private function nowhere(StockTank $stock): StockRow
    {
        $wording = $this->workings->wording;
        $tank = $stock->planned($stock->id, $stock->name, $this->plan, []);
        $short = null;
        foreach ($this->plan->bays as $bay) {
            $largeMm = PlaceInBay::tooLargeMm($tank, $bay);
            $missingMm = $largeMm > 0 ? $largeMm : PlaceInBay::shortMm($tank, $bay, $this->without);
            if (null !== $missingMm && (null === $short || $missingMm < $short[0])) {
                $short = [
                    $missingMm,
                    $wording->text($largeMm > 0 ? 'tanks.stock.opening' : 'tanks.stock.short', ['by' => Amount::mm($missingMm), 'bay' => $bay->name]),
                ];
            }
        }

        $where = $short[1] ?? $wording->text([] === $this->plan->bays ? 'tanks.stock.no-bay' : 'tanks.stock.nowhere');

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

    private function size(StockTank $stock): string
    {
        $number = fn (float $mm): string => $this->workings->wording->format->figure($mm, Unit::Millimetre, Kind::Length);

        return $number($stock->lengthMm).' × '.$number($stock->widthMm).' × '.$this->workings->wording->mm($stock->heightMm);
    }
}
