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
    /** What a waste tank and its fittings may cause, and what is cured with it. */
    private const OF_WASTE = ['tanks.port-blocked', 'tanks.hose-', 'tanks.outlet-high', 'tanks.overflow-low'];
    private const MOST_CURES = 12;
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
            $isAllowed = null !== $with && $this->graver($with, false) <= $this->graver($plan, false);
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

        return null === $with || $this->graver($with, false) <= $this->graver($plan, false) ? $with : $this->curedOnce($with, self::HOSES) ?? $with;
    }

    /** With a tank for what drains, and less fresh water where the rig cannot carry both; the plan itself where every such tank makes trouble. */
    private function withWaste(Plan $plan): Plan
    {
        if ([] !== $plan->tanksThatHold(WaterKind::Waste)) {
            return $plan;
        }
        foreach (WasteProposals::to($plan, $this->stock) as $proposed) {
            $fitted = $this->withFittings($proposed);
            foreach ([RoadFill::toTheLimit($fitted), RoadFill::withMargin($fitted)] as $filled) {
                $with = $this->withoutTrouble($filled, $plan);
                if (null !== $with && RoadFill::carriedL($with) >= self::KEPT * RoadFill::carriedL($plan)) {
                    return $with;
                }
            }
        }

        return $plan;
    }

    /** With what a new waste tank causes cured; null where it lacks a fitting then, or more is left that will not work than without it. */
    private function withoutTrouble(Plan $with, Plan $without): ?Plan
    {
        if ([] !== self::wanted($with->tanks[\count($with->tanks) - 1])) {
            return null;
        }
        for ($cures = 0; $cures < self::MOST_CURES && $this->graver($with) > $this->graver($without); ++$cures) {
            $cured = $this->curedOnce($with, self::OF_WASTE);
            if (null === $cured) {
                return null;
            }
            $with = $cured;
        }

        return $this->graver($with) <= $this->graver($without) ? $with : null;
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
        // Nobody is left without what they asked for.
        if (\count($with->use->uses) < \count($plan->use->uses)) {
            return false;
        }
        $less = $this->graver($plan) - $this->graver($with);

        return match (true) {
            null === $fix->cost => true,
            // Weights are shifted, but no water is left behind for them.
            str_starts_with($key, self::WEIGHT) => false,
            str_starts_with($key, self::SHOWER) => $less >= 0,
            default => $less > 0,
        };
    }

    /**
     * How much of a plan will not work; what can hurt someone counts for more than anything else.
     *
     * @param bool $isWeighed whether what is too heavy counts: no tank goes without a fitting for the weight of its hose
     */
    private function graver(Plan $plan, bool $isWeighed = true): int
    {
        return array_sum(array_map(static fn (Finding $one): int => match (true) {
            !$isWeighed && str_starts_with($one->key(), self::WEIGHT) => 0,
            Severity::Stop === $one->code->severity() => self::A_STOP,
            Severity::Fix === $one->code->severity() => 1,
            default => 0,
        }, $this->found($plan)));
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
