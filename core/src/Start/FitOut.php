<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
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
    private const WEIGHT = 'load.';
    private const OVER = ['load.gross-over', 'load.front-over', 'load.rear-over', 'load.axle-over', 'load.tyre-over'];
    private const SHORT = 'use.short';
    private const SHOWER = 'use.shower-missing';
    /** With its pipes and fittings. A rule of thumb. */
    private const A_SHOWER_KG = 3.0;
    /** A shower that was asked for, a valve without which nothing can be mended, and a vessel that spares the pump are fitted even where the rig is heavy. */
    private const WORTH_ITS_WEIGHT = [self::SHOWER, 'line.shut-off-missing', 'line.starts-often'];
    /** What is cured where something cures it. */
    private const CURED = [
        ...self::WORTH_ITS_WEIGHT,
        'load.estimate-tight',
        ...self::OVER,
        'load.nose-',
        'load.steering-light',
        'load.side-difference',
        'load.heel',
        'tanks.frost-below-outlet',
        'tanks.hose-',
        'tanks.port-blocked',
        'tanks.outlet-high',
        'tanks.overflow-low',
        'tanks.open-end-spills',
        'tanks.level-unseen',
        'tanks.unvented',
        'tanks.waste-small',
        'line.undrained',
        'line.filter-',
        'line.flow-',
        'line.together-weak',
        'line.dead-leg',
    ];
    private const HOSES = ['tanks.hose-'];
    private const HOLES = ['parts.hole-'];
    /** Fittings that were chosen for their pipes may need larger holes than was thought, and adapters weigh something. */
    private const OF_JOINING = [...self::HOLES, ...self::OVER];
    /** What a waste tank and its fittings may cause, and what is cured with it. */
    private const OF_WASTE = ['tanks.port-blocked', 'tanks.hose-', 'tanks.outlet-high', 'tanks.overflow-low'];
    /** Waste cans change the load on a coupling; moving what is stowed makes up for it. */
    private const OF_CANS = [...self::OF_WASTE, 'load.nose-'];
    /** No tank goes without a fitting for the weight of its hose, or for the litres above its overflow. */
    private const CARRIED = [self::WEIGHT, self::SHORT];
    /** A waste tank is worth having even where so little is left to a limit that the rig has to be weighed first. */
    private const TO_BE_WEIGHED = ['load.estimate-tight'];
    private const MOST_CURES = 12;
    /** A smaller difference does not matter, in litres. */
    private const NEAR_L = 1.0;
    private const A_STOP = 1000;
    /** As much of the fresh water has to stay where a waste tank is fitted. A rule of thumb. */
    private const KEPT = 0.75;

    /** @var \WeakMap<Plan, list<Finding>> of the plans that were looked at */
    private \WeakMap $known;
    /** Of the first plan with the line that was looked at last. */
    private ?Workings $ofLine = null;

    private function __construct(private readonly PartStock $stock)
    {
        $this->known = new \WeakMap();
    }

    public static function of(Plan $plan, PartStock $stock): Plan
    {
        $fit = new self($stock);
        // The line and the fittings weigh something, too.
        $fitted = RoadFill::toTheLimit($fit->cured($fit->withFittings($plan), self::OVER), $stock);
        $cured = $fit->cured($fit->withWaste($fitted));
        // With the weights shifted, the rig may carry a waste tank that it could not before.
        $again = $fit->withWaste($cured);
        $complete = $fit->withFittings($again === $cured ? $cured : $fit->cured($again));
        $joined = JoinedPlan::of($fit->cured($fit->withShower($complete), [self::SHORT]), $stock);

        $named = TankPlacer::namedByBay($fit->cured($joined, [...self::OF_JOINING, self::SHORT, ...self::TO_BE_WEIGHED]));

        return $fit->fullIfItMay(RoadFill::toTheLimit($named, $stock));
    }

    /** With full tanks on the road if that causes no more trouble: weights moved since then may have made up for the water that was held back. */
    private function fullIfItMay(Plan $plan): Plan
    {
        $full = RoadFill::full($plan);
        $isAsSafe = fn (): bool => RoadFill::clearKg($full, $this->stock) >= min(0.0, RoadFill::clearKg($plan, $this->stock))
            && $this->graver($full) <= $this->graver($plan);

        return RoadFill::travelL($full) > RoadFill::travelL($plan) + self::NEAR_L && $isAsSafe() ? $full : $plan;
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
            $isAllowed = null !== $with && $this->graver($with, self::CARRIED) <= $this->graver($plan, self::CARRIED);
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
        $workings = $this->workings($plan);
        $fix = PortProposal::addition($role, $workings->of(TanksWorkings::class)->all()[$tank], $workings, null, $face);
        try {
            $with = $fix?->patch->applyTo($plan);
        } catch (InvalidInput) {
            return null;
        }

        $isWorse = null !== $with && $this->graver($with, self::CARRIED) > $this->graver($plan, self::CARRIED);

        return $isWorse ? $this->curedOnce($with, self::HOSES) ?? $with : $with;
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
        $isTight = $this->graver($with) > $this->graver($without);

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
        return RoadFill::carriedL($with) >= self::KEPT * RoadFill::carriedL($plan) && RoadFill::travelL($with) >= self::KEPT * RoadFill::travelL($plan);
    }

    /** With less water on the road where the rig may carry a shower that was asked for only then. */
    private function withShower(Plan $plan): Plan
    {
        if (!$this->lacksShower($plan)) {
            return $plan;
        }
        $with = $this->cured(RoadFill::leaving(self::A_SHOWER_KG, $plan, $this->stock), [self::SHOWER]);

        return $this->lacksShower($with) ? $plan : $with;
    }

    /** Whether a shower was asked for that is not there. */
    private function lacksShower(Plan $plan): bool
    {
        return \in_array(self::SHOWER, array_map(static fn (Finding $found): string => $found->key(), $this->found($plan)), true);
    }

    /** With what a new waste tank causes cured; null where it lacks a fitting then, or more is left that will not work than without it. */
    private function withoutTrouble(Plan $with, Plan $without): ?Plan
    {
        $waste = $with->tanks[\count($with->tanks) - 1];
        if ([] !== self::wanted($waste)) {
            return null;
        }
        $curable = TankMounting::Can === $waste->form ? self::OF_CANS : self::OF_WASTE;
        for ($cures = 0; $cures < self::MOST_CURES && $this->graver($with, self::TO_BE_WEIGHED) > $this->graver($without, self::TO_BE_WEIGHED); ++$cures) {
            $cured = $this->curedOnce($with, $curable);
            if (null === $cured) {
                return null;
            }
            $with = $cured;
        }

        return $this->graver($with, self::TO_BE_WEIGHED) <= $this->graver($without, self::TO_BE_WEIGHED) ? $with : null;
    }

    /**
     * With every fix that costs nothing and clears what can be cleared.
     *
     * @param list<string> $codes with which the findings begin that are to be cleared
     */
    private function cured(Plan $plan, array $codes = self::CURED): Plan
    {
        for ($cures = 0; $cures < self::MOST_CURES; ++$cures) {
            $with = $this->curedOnce($plan, $codes);
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
        $isMeant = static fn (Finding $one): bool => self::isOf($one->key(), $codes);
        foreach (Assessor::fixesOf($isMeant, $this->workings($plan)) as $finding) {
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
        // Nobody is left without what they asked for, or sent off nearly dry where there is a tap on arrival.
        if (\count($with->use->uses) < \count($plan->use->uses) || RoadFill::travelL($with) < self::KEPT * RoadFill::travelL($plan)) {
            return false;
        }
        $less = $this->graver($plan) - $this->graver($with);

        return match (true) {
            // A tank is made longer, but nobody uses less or fills up sooner.
            str_starts_with($key, self::SHORT) => $less > 0 && $with->use === $plan->use && \count($with->tanks) === \count($plan->tanks)
                && $this->mayCarryL($with) > $this->mayCarryL($plan) + self::NEAR_L,
            null === $fix->cost => true,
            // Weights are shifted where a limit would be broken, but no water is left behind for them.
            str_starts_with($key, self::WEIGHT) => 2 * $less > self::A_STOP && RoadFill::carriedL($with) >= RoadFill::carriedL($plan),
            self::isOf($key, self::WORTH_ITS_WEIGHT) => $less >= 0,
            default => $less > 0,
        };
    }

    /** The fresh water that the rig may carry in its tanks. */
    private function mayCarryL(Plan $plan): float
    {
        return RoadFill::carriedL(RoadFill::toTheLimit($plan, $this->stock));
    }

    /**
     * How much of a plan will not work; what can hurt someone counts for more than anything else.
     *
     * @param list<string> $but with which the findings begin that do not count
     */
    private function graver(Plan $plan, array $but = []): int
    {
        return array_sum(array_map(static fn (Finding $one): int => match (true) {
            self::isOf($one->key(), $but) => 0,
            Severity::Stop === $one->code->severity() => self::A_STOP,
            // One finding says it of all of them.
            self::isOf($one->key(), self::HOLES) => \count($one->subject),
            Severity::Fix === $one->code->severity() => 1,
            default => 0,
        }, $this->found($plan)));
    }

    /** @param list<string> $codes with which it may begin */
    private static function isOf(string $key, array $codes): bool
    {
        return [] !== array_filter($codes, static fn (string $code): bool => str_starts_with($key, $code));
    }

    /** With what is known of the line from plans that had the same one: ports and weights leave it as it is. */
    private function workings(Plan $plan): Workings
    {
        return $plan->line === $this->ofLine?->plan->line ? $this->ofLine->with($plan) : $this->ofLine = Workings::over($plan, $this->stock);
    }

    /** @return list<Finding> */
    private function found(Plan $plan): array
    {
        return $this->known[$plan] ??= Assessor::found($this->workings($plan));
    }
}
