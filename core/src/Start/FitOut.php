<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Phrasebook;

/** Gives a plan that has tanks and a line what a fitter would not leave out: fittings of every tank, a waste tank, and what the catalogue cures. */
final class FitOut
{
    private const FRESH = [PortRole::Fill, PortRole::Vent, PortRole::Overflow, PortRole::Drain];
    private const WASTE = [PortRole::Vent, PortRole::Drain];
    /** On the top first; elsewhere where there is no room over it. */
    private const FACES = [null, Face::Rear, Face::Front, Face::Right, Face::Left];
    /** A shower that was asked for is fitted even where the rig is heavy. */
    private const SHOWER = 'use.shower-missing';
    /** What is cured where something cures it. */
    private const CURED = [
        self::SHOWER,
        'load.estimate-tight',
        'load.front-over',
        'load.rear-over',
        'load.axle-over',
        'load.tyre-over',
        'load.nose-',
        'load.steering-light',
        'load.side-difference',
        'load.heel',
        'tanks.frost-below-outlet',
        'tanks.hose-',
        'tanks.port-blocked',
        'tanks.outlet-high',
        'tanks.overflow-low',
        'tanks.level-unseen',
        'tanks.unvented',
        'tanks.waste-small',
        'line.shut-off-missing',
        'line.starts-often',
        'line.undrained',
        'line.filter-',
        'line.flow-',
        'line.together-weak',
        'line.dead-leg',
    ];
    private const HOSES = ['tanks.hose-'];
    private const IN_ITS_WAY = ['tanks.port-blocked', 'tanks.hose-'];
    private const MOST_CURES = 12;
    private const A_STOP = 1000;
    /** As much of the fresh water has to stay where a waste tank is fitted. A rule of thumb. */
    private const KEPT = 0.75;

    /** @var \WeakMap<Plan, list<SentFinding>> of the plans that were looked at */
    private \WeakMap $known;

    private function __construct(private readonly PartStock $stock)
    {
        $this->known = new \WeakMap();
    }

    public static function of(Plan $plan, PartStock $stock): Plan
    {
        $fit = new self($stock);

        return RoadFill::toTheLimit($fit->withFittings($fit->cured($fit->withWaste($fit->withFittings($plan)))));
    }

    /** With every fitting that there is room for: one often holds only with another there. */
    private function withFittings(Plan $plan): Plan
    {
        do {
            $before = $plan;
            foreach ($plan->tanks as $index => $tank) {
                foreach (self::wanted($tank) as $role) {
                    $plan = $this->withPort($role, $index, $plan);
                }
            }
        } while ($plan !== $before);

        return $plan;
    }

    /** @return list<PortRole> that it has not yet */
    private static function wanted(PlannedTank $tank): array
    {
        $roles = match (true) {
            TankMounting::Fixed !== $tank->form => [],
            $tank->holds->takesWaste() => self::WASTE,
            default => self::FRESH,
        };

        return array_values(array_filter($roles, static fn (PortRole $role): bool => null === $tank->portFor($role)));
    }

    /** With a port where it makes least trouble; the plan itself where every place makes some that is more than worth knowing. */
    private function withPort(PortRole $role, int $tank, Plan $plan): Plan
    {
        $best = null;
        foreach (self::FACES as $face) {
            $with = $this->ported($role, $face, $tank, $plan);
            $isAllowed = null !== $with && $this->graver($with) <= $this->graver($plan);
            if ($isAllowed && (null === $best || \count($this->found($with)) < \count($this->found($best)))) {
                $best = $with;
            }
            if (null !== $best && \count($this->found($best)) <= \count($this->found($plan))) {
                break;
            }
        }

        return $best ?? $plan;
    }

    /** With a port on a face, its hose led round what is in its way; null where the tank takes no such port. */
    private function ported(PortRole $role, ?Face $face, int $tank, Plan $plan): ?Plan
    {
        $workings = Workings::over($plan, $this->stock);
        $fix = PortProposal::addition($role, $workings->of(TanksWorkings::class)->all()[$tank], $workings, null, $face);
        try {
            $with = $fix?->patch->applyTo($plan);
        } catch (InvalidInput) {
            return null;
        }

        return null === $with || $this->graver($with) <= $this->graver($plan) ? $with : $this->curedOnce($with, self::HOSES) ?? $with;
    }

    /**
     * With a tank for all that drains in a stay, or in as many whole days of it as there is room for; the plan itself where there is none for
     * a tank that makes no trouble.
     */
    private function withWaste(Plan $plan): Plan
    {
        if ([] !== $plan->tanksThatHold(WaterKind::Waste)) {
            return $plan;
        }
        foreach ([null, ...range(max(1.0, ceil($plan->use->days) - 1), 1.0)] as $days) {
            $with = $this->wasted(PartFields::changed($plan, ['use' => PartFields::changed($plan->use, ['wasteDays' => $days])]));
            for ($cures = 0; null !== $with && $this->graver($with) > $this->graver($plan) && $cures < self::MOST_CURES; ++$cures) {
                $with = $this->curedOnce($with, self::IN_ITS_WAY);
            }
            if (null !== $with && $this->graver($with) <= $this->graver($plan) && RoadFill::carriedL($with) >= self::KEPT * RoadFill::carriedL($plan)) {
                return $with;
            }
        }

        return $plan;
    }

    /**
     * With a waste tank for everything that drained outside, and less fresh water where the rig cannot carry both; null where nothing drained
     * outside, or no tank can be had.
     */
    private function wasted(Plan $plan): ?Plan
    {
        $litres = Workings::over($plan)->of(UseWorkings::class)->untilEmptiedL(PlannedUse::OUTSIDE);
        $patch = $litres > 0 ? $this->waste($litres, $plan) : null;
        if (null === $patch) {
            return null;
        }
        foreach ($plan->use->uses as $index => $use) {
            if (PlannedUse::OUTSIDE === $use->drainsTo) {
                $patch = $patch->and(PlanPatch::replace('/use/uses/'.$index.'/drains_to', FreeId::of(WaterKind::Waste->value, $plan)));
            }
        }

        return RoadFill::toTheLimit($this->withFittings($patch->applyTo($plan)));
    }

    /** Where there is a drain to roll it to, a can on wheels; a tank anywhere else. */
    private function waste(float $litres, Plan $plan): ?PlanPatch
    {
        $cans = StayStyle::Sites === $plan->use->stay
            ? array_filter($this->stock->tanks(), static fn (StockTank $one): bool => TankMounting::Can === $one->form && $one->fullL() >= $litres)
            : [];
        usort($cans, static fn (StockTank $a, StockTank $b): int => $a->fullL() <=> $b->fullL());
        if ([] === $cans) {
            return self::roomyWaste($litres, $plan) ?? FreePlace::addTank($plan, WaterKind::Waste, $litres);
        }
        $id = FreeId::of(WaterKind::Waste->value, $plan);
        $can = $cans[0]->planned($id, Phrasebook::english()->fill('tanks.new.waste-can', []), $plan, []);

        return FreePlace::added(
            PartFields::changed($can, ['holds' => WaterKind::Waste, 'heldBy' => HeldBy::Straps, 'straps' => TankProposal::straps($can->emptyKg)]),
            $plan,
        );
    }

    /** A waste tank where there is room at one of its sides for a drain; null where there is none. */
    private static function roomyWaste(float $litres, Plan $plan): ?PlanPatch
    {
        $tank = FreePlace::usual($plan, WaterKind::Waste, $litres);
        foreach (self::FACES as $face) {
            $drain = PortProposal::port(PortRole::Drain, $face, $tank, $plan);
            $with = FreePlace::added(PartFields::changed($tank, ['ports' => [$drain]]), $plan)?->applyTo($plan)->tanks;
            if (null !== $with) {
                return PlanPatch::append('/tanks', PartFields::changed($with[\count($with) - 1], ['ports' => []]));
            }
        }

        return null;
    }

    /** With every fix that costs nothing and clears what the catalogue can clear. */
    private function cured(Plan $plan): Plan
    {
        for ($cures = 0; $cures < self::MOST_CURES; ++$cures) {
            $with = $this->curedOnce($plan, self::CURED);
            if (null === $with) {
                break;
            }
            $plan = $with;
        }

        return $plan;
    }

    /**
     * @param list<string> $codes with which the findings begin that are to be cleared
     *
     * @return Plan|null null where nothing clears any of them at no cost, or so that less is left that will not work
     */
    private function curedOnce(Plan $plan, array $codes): ?Plan
    {
        $isMeant = static fn (Finding $one): bool => [] !== array_filter($codes, static fn (string $code): bool => str_starts_with($one->key(), $code));
        foreach (Assessor::fixesOf($isMeant, $plan, $this->stock) as $finding) {
            foreach ($finding->fixes as $fix) {
                $with = $fix->patch->applyTo($plan);
                if ($this->isWorthIt($finding->key, $fix, $with, $plan)) {
                    return $with;
                }
            }
        }

        return null;
    }

    /** @param string $key of what it clears */
    private function isWorthIt(string $key, SentFix $fix, Plan $with, Plan $plan): bool
    {
        // Nobody is left without what they asked for.
        if (\count($with->use->uses) < \count($plan->use->uses)) {
            return false;
        }
        $less = $this->graver($plan) - $this->graver($with);

        return match (true) {
            null === $fix->cost => true,
            // Weights are shifted, but no water is left behind for them.
            str_starts_with($key, 'load.') => false,
            str_starts_with($key, self::SHOWER) => $less >= 0,
            default => $less > 0,
        };
    }

    /** How much of a plan will not work; what can hurt someone counts for more than anything else. */
    private function graver(Plan $plan): int
    {
        return array_sum(array_map(static fn (SentFinding $one): int => match ($one->severity) {
            Severity::Stop => self::A_STOP,
            Severity::Fix => 1,
            Severity::Watch => 0,
        }, $this->found($plan)));
    }

    /** @return list<SentFinding> */
    private function found(Plan $plan): array
    {
        return $this->known[$plan] ??= Assessor::assess($plan, '-', $this->stock)->findings;
    }
}
