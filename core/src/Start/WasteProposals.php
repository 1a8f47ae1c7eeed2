<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Bays\BayPlace;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Words\Phrasebook;

/**
 * Where the water that drains outside could be kept instead, and for how many days: what a fitter would try first comes first. It is emptied at the
 * latest when the fresh water is used up, since nobody drains more than there was.
 */
final readonly class WasteProposals
{
    private function __construct(
        private Plan $plan,
        private PartStock $stock,
        /** Whole days after which it is emptied at the latest; the stay where the fresh water lasts for it. */
        private float $days,
        /** That drain in those days. */
        private float $litres,
    ) {
    }

    /** @return iterable<Plan> with a tank or a can for it, and every drain led there */
    public static function to(Plan $plan, PartStock $stock): iterable
    {
        $workings = Workings::over($plan);
        $use = $workings->of(UseWorkings::class);
        $stayDays = $plan->use->days;
        $lastsDays = self::wholeDays($stayDays, $workings->of(WaterAboard::class)->usableL, $use->need(Supply::Main)->stayL);
        $days = min($stayDays, max(1.0, $lastsDays));
        $litres = $use->stayLInto(PlannedUse::OUTSIDE) * $days / $stayDays;

        return $litres > 0 ? (new self($plan, $stock, $days, $litres))->all() : [];
    }

    /** @return iterable<Plan> */
    private function all(): iterable
    {
        $isTowed = RigKind::Trailer === $this->plan->load->rig->kind();
        // Where there is a drain to roll it to.
        if (StayStyle::Sites === $this->plan->use->stay) {
            yield from $this->rolled();
        }
        yield from $this->inBays();
        if ($isTowed) {
            yield from $this->rolled();
        }
        foreach ([$this->days, ...range(max(1.0, ceil($this->days) - 1), 1.0)] as $days) {
            yield from $this->wherever(FreePlace::usual($this->plan, WaterKind::Waste, $this->litres * min(1.0, $days / $this->days)), $days);
        }
    }

    /** @return iterable<Plan> with a can on wheels: the smallest for all days, or else the largest, emptied sooner, or two of them for a day */
    private function rolled(): iterable
    {
        $cans = array_filter($this->stock->tanks(), static fn (StockTank $one): bool => TankMounting::Can === $one->form);
        usort($cans, static fn (StockTank $a, StockTank $b): int => $a->fullL() <=> $b->fullL());
        $roomy = array_values(array_filter($cans, fn (StockTank $one): bool => $one->fullL() >= $this->litres));
        $one = $roomy[0] ?? array_pop($cans);
        $count = null !== $one && $this->daysIn($one->fullL()) < 1.0 ? 2 : 1;
        $days = null === $one ? 0.0 : $this->daysIn($count * $one->fullL());
        if (null === $one || $days < 1.0) {
            return;
        }
        $name = Phrasebook::english()->fill(1 === $count ? 'tanks.new.waste-can' : 'tanks.new.waste-cans', []);
        $can = PartFields::changed($one->planned(FreeId::of(WaterKind::Waste->value, $this->plan), $name, $this->plan, []), [
            'holds' => WaterKind::Waste,
            'count' => $count,
            'heldBy' => HeldBy::Straps,
            'straps' => TankProposal::straps($one->emptyKg),
        ]);
        foreach ($this->placed($can) as $with) {
            yield $this->drained($with, $days);
        }
    }

    /** @return iterable<Plan> with a tank where there is room for it: in a trailer by its axles first, where it changes the load on the coupling least */
    private function placed(PlannedTank $tank): iterable
    {
        $rig = $this->plan->load->rig;
        foreach ($rig instanceof PlannedTrailer ? [$rig->axle()->xM, null] : [null] as $nearM) {
            $with = FreePlace::added($tank, $this->plan, $nearM);
            if (null !== $with) {
                yield $with->applyTo($this->plan);
            }
        }
    }

    /** The days for which it is wanted, or as many whole ones of them as that many litres last. */
    private function daysIn(float $litres): float
    {
        return self::wholeDays($this->days, $litres, $this->litres);
    }

    /** All the days that need so many litres, or as many whole ones of them as there are litres for. */
    private static function wholeDays(float $days, float $litres, float $neededL): float
    {
        return $litres >= $neededL ? $days : floor($days * $litres / $neededL);
    }

    /** @return iterable<Plan> with a tank in a bay, under the floor first: everything drains down to it, and it takes no room inside */
    private function inBays(): iterable
    {
        $bays = $this->plan->bays;
        usort($bays, static fn (PlannedBay $a, PlannedBay $b): int => (BayPlace::UnderFloor === $b->place) <=> (BayPlace::UnderFloor === $a->place));
        foreach ($bays as $bay) {
            $tank = BayPlace::Roof === $bay->place
                ? null
                : BayTank::filling($bay, WaterKind::Waste, $this->litres, FreeId::of(WaterKind::Waste->value, $this->plan), $this->plan);
            $days = null === $tank ? 0.0 : $this->daysIn(TankVolumeCalculator::calculate($tank->tankInput())->usableL);
            if (null !== $tank && $days >= 1.0) {
                yield $this->drained(PlanPatch::append('/tanks', $tank)->applyTo($this->plan), $days);
            }
        }
    }

    /** @return iterable<Plan> with a tank where there is room for it, and at one of its sides for a drain */
    private function wherever(PlannedTank $tank, float $days): iterable
    {
        foreach ([null, Face::Rear, Face::Front, Face::Right, Face::Left] as $face) {
            $drain = PortProposal::port(PortRole::Drain, $face, $tank, Workings::over($this->plan, $this->stock));
            $isPlaced = false;
            foreach ($this->placed(PartFields::changed($tank, ['ports' => [$drain]])) as $with) {
                $last = \count($with->tanks) - 1;
                yield $this->drained(PlanPatch::replace('/tanks/'.$last.'/ports', [])->applyTo($with), $days);
                $isPlaced = true;
            }
            if ($isPlaced) {
                return;
            }
        }
    }

    /** With every drain led into its last tank, which is emptied after so many days. */
    private function drained(Plan $plan, float $days): Plan
    {
        $patches = [];
        foreach ($plan->use->uses as $index => $use) {
            if (PlannedUse::OUTSIDE === $use->drainsTo) {
                $patches[] = PlanPatch::replace('/use/uses/'.$index.'/drains_to', $plan->tanks[\count($plan->tanks) - 1]->id);
            }
        }
        $led = PlanPatch::all($patches)->applyTo($plan);

        return $days < $plan->use->days ? PartFields::changed($led, ['use' => PartFields::changed($led->use, ['wasteDays' => $days])]) : $led;
    }
}
