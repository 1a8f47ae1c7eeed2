<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Parts\Edit\JoinedPlan;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;

/** Gives a plan that has tanks and a line what a fitter would not leave out: fittings of every tank, a waste tank, and what the catalogue cures. */
final class FitOut
{
    private const FRESH = [PortRole::Fill, PortRole::Vent, PortRole::Overflow, PortRole::Drain];
    private const WASTE = [PortRole::Vent, PortRole::Drain];
    /** On the top first; elsewhere where there is no room over it. */
    private const FACES = [null, Face::Rear, Face::Front, Face::Right, Face::Left];
    /** With its pipes and fittings. A rule of thumb. */
    private const A_SHOWER_KG = 3.0;
    private const HOSES = ['tanks.hose-'];
    /** Fittings that were chosen for their pipes may need larger holes than was thought, and adapters weigh something. */
    private const OF_JOINING = [...Cures::HOLES, ...Cures::OVER];
    /** What a waste tank and its fittings may cause, and what is cured with it. */
    private const OF_WASTE = ['tanks.port-blocked', 'tanks.hose-', 'tanks.outlet-high', 'tanks.overflow-low'];
    /** Waste cans change the load on a coupling; moving what is stowed makes up for it. */
    private const OF_CANS = [...self::OF_WASTE, 'load.nose-'];
    /** No tank goes without a fitting for the weight of its hose, or for the litres above its overflow. */
    private const CARRIED = [Cures::WEIGHT, Cures::SHORT];
    /** A waste tank is worth having even where so little is left to a limit that the rig has to be weighed first. */
    private const TO_BE_WEIGHED = ['load.estimate-tight'];

    private readonly Cures $cures;

    private function __construct(private readonly PartStock $stock)
    {
        $this->cures = new Cures($stock);
    }

    public static function of(Plan $plan, PartStock $stock): Plan
    {
        $fit = new self($stock);
        // The line and the fittings weigh something, too.
        $fitted = RoadFill::toTheLimit($fit->cures->cured($fit->withFittings($plan), Cures::OVER), $stock);
        $cured = $fit->cures->cured($fit->withWaste($fitted));
        // With the weights shifted, the rig may carry a waste tank that it could not before.
        $again = $fit->withWaste($cured);
        $complete = $fit->withFittings($again === $cured ? $cured : $fit->cures->cured($again));
        $joined = JoinedPlan::of($fit->cures->cured($fit->withShower($complete), [Cures::SHORT]), $stock);

        $named = TankPlacer::namedByBay($fit->cures->cured($joined, [...self::OF_JOINING, Cures::SHORT, ...self::TO_BE_WEIGHED]));

        return $fit->fullIfItMay(RoadFill::toTheLimit($named, $stock));
    }

    /** With full tanks on the road if that causes no more trouble: weights moved since then may have made up for the water that was held back. */
    private function fullIfItMay(Plan $plan): Plan
    {
        $full = RoadFill::full($plan);
        $isAsSafe = fn (): bool => RoadFill::clearKg($full, $this->stock) >= min(0.0, RoadFill::clearKg($plan, $this->stock))
            && $this->cures->gravity($full) <= $this->cures->gravity($plan);

        return RoadFill::travelL($full) > RoadFill::travelL($plan) + Cures::NEAR_L && $isAsSafe() ? $full : $plan;
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
            $isAllowed = null !== $with && $this->cures->gravity($with, self::CARRIED) <= $this->cures->gravity($plan, self::CARRIED);
            if ($isAllowed && (null === $best || \count($this->cures->found($with)) < \count($this->cures->found($best)))) {
                $best = $with;
            }
            if (null !== $best && \count($this->cures->found($best)) <= \count($this->cures->found($plan))) {
                break;
            }
        }

        return $best ?? $plan;
    }

    /** With a port on a face, its hose led round what is in its way; null where the tank takes no such port. */
    private function ported(PortRole $role, ?Face $face, int $tank, Plan $plan): ?Plan
    {
        $workings = $this->cures->workings($plan);
        $fix = PortProposal::addition($role, $workings->of(TanksWorkings::class)->all()[$tank], $workings, null, $face);
        try {
            $with = $fix?->patch->applyTo($plan);
        } catch (InvalidInput) {
            return null;
        }

        $isWorse = null !== $with && $this->cures->gravity($with, self::CARRIED) > $this->cures->gravity($plan, self::CARRIED);

        return $isWorse ? $this->cures->curedOnce($with, self::HOSES) ?? $with : $with;
    }

    /** With a tank for what drains, and less fresh water where the rig cannot carry both; the plan itself where every such tank makes trouble. */
    private function withWaste(Plan $plan): Plan
    {
        if ([] !== $plan->tanksThatHold(WaterKind::Waste)) {
            return $plan;
        }
        [$best, $fewest] = [$plan, \PHP_INT_MAX];
        $isShowerDue = $this->lacksShower($plan) && $this->carriesShower($plan, $plan);
        foreach (WasteProposals::to($plan, $this->stock) as $proposed) {
            $fitted = $this->withFittings($proposed);
            foreach ([RoadFill::toTheLimit($fitted, $this->stock), RoadFill::withMargin($fitted, $this->stock)] as $filled) {
                $with = $this->withoutTrouble($filled, $plan);
                $lacks = null !== $with && self::isKept($with, $plan) ? $this->lacks($with, $plan, $isShowerDue) : \PHP_INT_MAX;
                if (null !== $with && $lacks < $fewest) {
                    [$best, $fewest] = [$with, $lacks];
                }
                if (0 === $fewest) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /** How many things a plan falls short of because of its waste tank: being clear of the limits without weighing, and carrying a shower. */
    private function lacks(Plan $with, Plan $without, bool $isShowerDue): int
    {
        $isTight = $this->cures->gravity($with) > $this->cures->gravity($without);

        return ($isTight ? 1 : 0) + ($isShowerDue && !$this->carriesShower($with, $without) ? 1 : 0);
    }

    /** Whether it can carry a shower as well, with less water if need be. */
    private function carriesShower(Plan $plan, Plan $without): bool
    {
        $lighter = RoadFill::leaving(self::A_SHOWER_KG, $plan, $this->stock);

        return RoadFill::leaves(self::A_SHOWER_KG, $lighter, $this->stock) && self::isKept($lighter, $without);
    }

    /** Whether enough of the fresh water is still there, on the road and when the stay begins. */
    private static function isKept(Plan $with, Plan $plan): bool
    {
        return RoadFill::carriedL($with) >= Cures::KEPT * RoadFill::carriedL($plan) && RoadFill::travelL($with) >= Cures::KEPT * RoadFill::travelL($plan);
    }

    /** With less water on the road where the rig may carry a shower that was asked for only then. */
    private function withShower(Plan $plan): Plan
    {
        if (!$this->lacksShower($plan)) {
            return $plan;
        }
        $with = $this->cures->cured(RoadFill::leaving(self::A_SHOWER_KG, $plan, $this->stock), [Cures::SHOWER]);

        return $this->lacksShower($with) ? $plan : $with;
    }

    /** Whether a shower was asked for that is not there. */
    private function lacksShower(Plan $plan): bool
    {
        return \in_array(Cures::SHOWER, array_map(static fn (Finding $found): string => $found->key(), $this->cures->found($plan)), true);
    }

    /** With what a new waste tank causes cured; null where it lacks a fitting then, or more is left that will not work than without it. */
    private function withoutTrouble(Plan $with, Plan $without): ?Plan
    {
        $waste = $with->tanks[\count($with->tanks) - 1];
        if ([] !== self::wanted($waste)) {
            return null;
        }
        $curable = TankMounting::Can === $waste->form ? self::OF_CANS : self::OF_WASTE;
        $gravity = fn (Plan $plan): int => $this->cures->gravity($plan, self::TO_BE_WEIGHED);
        for ($cures = 0; $cures < Cures::MOST && $gravity($with) > $gravity($without); ++$cures) {
            $cured = $this->cures->curedOnce($with, $curable);
            if (null === $cured) {
                return null;
            }
            $with = $cured;
        }

        return $gravity($with) <= $gravity($without) ? $with : null;
    }
}
