<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\ListPatch;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Tanks\Stock\StockPlaces;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** What is bought is not stretched: another from the catalogue takes its place, or more of the same go beside it. */
final class OtherTanks
{
    /** So many that fit are proposed, of the so many that come nearest. */
    private const MOST = 2;
    private const TRIED = 8;

    /**
     * Another tank of the catalogue, of those that hold so much the nearest in size, in the bay of one that was bought and with its fittings.
     *
     * @param float $leastL brim full, and at most $mostL
     *
     * @return list<Fix> none in the place of one that is made to measure
     */
    public static function insteadOf(TankWorking $working, float $leastL, float $mostL, Workings $workings): array
    {
        $tank = $working->tank;
        $bay = $workings->plan->bayOf($tank);
        if (TankMounting::Fixed !== $tank->form || null === $tank->stock || null === $bay) {
            return [];
        }
        $fullL = static fn (StockTank $stock): float => $stock->fullL();
        $fitting = array_values(array_filter(
            $workings->stock->tanks(),
            static fn (StockTank $stock): bool => TankMounting::Fixed === $stock->form && $fullL($stock) >= $leastL && $fullL($stock) <= $mostL,
        ));
        usort($fitting, static fn (StockTank $a, StockTank $b): int => abs($fullL($a) - $working->fullL()) <=> abs($fullL($b) - $working->fullL()));
        $places = new StockPlaces($workings->plan, $tank->id);
        $fixes = [];
        foreach (\array_slice($fitting, 0, self::TRIED) as $stock) {
            $placed = \count($fixes) < self::MOST ? $places->alone($stock, $bay) : null;
            if (null !== $placed) {
                $label = new Phrase('tanks.fix.other-tank', ['tank' => $tank->name, 'stock' => $stock->name, 'litres' => Amount::litres($fullL($stock))]);
                $fixes[] = new Fix($label, PlanPatch::replace($working->pointer(), self::like($tank, $placed)));
            }
        }

        return $fixes;
    }

    /** More of the cans or bags that are there, in their row, where that has room; null for a fixed tank, or where there are too many. */
    public static function moreAlike(TankWorking $working, int $more, Workings $workings): ?Fix
    {
        $tank = $working->tank;
        $count = $tank->count + $more;
        if (TankMounting::Fixed === $tank->form || $more < 1 || $count > PlannedTank::MOST_ALIKE) {
            return null;
        }
        $row = PartFields::changed($tank, ['count' => $count]);
        $to = FreePlace::isFree($row, Obstacles::to($tank, $workings->plan)) && FreePlace::isInside($row, $workings->plan->load->rig)
            ? $row
            : FreePlace::besideIt($row, $workings->plan);
        $label = new Phrase('use.fix.more-alike', ['more' => $more, 'tank' => $tank->name]);
        $moved = null === $to ? null : FreePlace::fix($label, $working, $to, $workings->plan);

        return null === $moved ? null : new Fix($label, PlanPatch::replace($working->pointer().'/count', $count)->and($moved->patch));
    }

    /** One more of a tank that was bought, in the first bay that has room for it, joined to the line where that can be; null where there is none. */
    public static function oneMore(TankWorking $working, Workings $workings): ?Fix
    {
        $plan = $workings->plan;
        $tank = $working->tank;
        if (TankMounting::Fixed !== $tank->form || null === $tank->stock || \count($plan->tanks) >= Plan::MOST_TANKS) {
            return null;
        }
        $name = FreeName::of($tank->name, array_column($plan->tanks, 'name'));
        $bare = PartFields::changed($tank, ['ports' => [], 'travelFill' => null]);
        $twin = StockTank::renamed($bare, FreeId::of('tank', $plan), $name, $plan);
        foreach ($plan->bays as $bay) {
            $placed = PlaceInBay::tooLargeMm($twin, $bay) > 0 ? null : PlaceInBay::nearest(PlaceInBay::cornered($twin, $bay, $plan), $bay, $plan);
            if (null !== $placed) {
                $label = new Phrase('tanks.fix.one-more', ['tank' => $tank->name, 'bay' => $bay->name]);
                $joined = TankJoin::joined($placed, PartFields::changed($plan, ['tanks' => [...$plan->tanks, $placed]]), $workings->stock);

                return new Fix($label, PlanPatch::append('/tanks', $joined->tanks[\count($plan->tanks)])->and(ListPatch::ofLine($plan->line, $joined->line)));
            }
        }

        return null;
    }

    /** A tank from the catalogue with what the plan says of the one that it stands in for. */
    private static function like(PlannedTank $tank, PlannedTank $new): PlannedTank
    {
        return PartFields::changed($new, [
            'holds' => $tank->holds,
            'travelFill' => $tank->travelFill,
            'heldBy' => $tank->heldBy,
            'straps' => $tank->straps,
            'strapAngleDeg' => $tank->strapAngleDeg,
            'strapHoldsKg' => $tank->strapHoldsKg,
            'wallKpa' => $tank->wallKpa,
        ]);
    }
}
