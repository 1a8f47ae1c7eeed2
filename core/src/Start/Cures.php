<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;

/** Judges how serious the findings of a first plan are and which fixes are worth their cost, and applies those fixes. */
final class Cures
{
    public const WEIGHT = 'load.';
    public const OVER = ['load.gross-over', 'load.front-over', 'load.rear-over', 'load.axle-over', 'load.tyre-over'];
    public const SHORT = 'use.short';
    public const HOLES = ['parts.hole-'];
    public const SHOWER = 'use.shower-missing';
    /** A shower that was asked for, a valve without which nothing can be mended, and a vessel that spares the pump are fitted even where the rig is heavy. */
    private const WORTH_ITS_WEIGHT = [self::SHOWER, 'line.shut-off-missing', 'line.starts-often'];
    /** Findings that are cured wherever a fix is worth its cost. */
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
    /** Fixes that are applied one after the other, at most. */
    public const MOST = 12;
    /** A smaller difference does not matter, in litres. */
    public const NEAR_L = 1.0;
    /** As much of the fresh water has to stay where a waste tank is fitted. A rule of thumb. */
    public const KEPT = 0.75;
    private const A_STOP = 1000;

    /** @var \WeakMap<Plan, list<Finding>> of the plans that were looked at */
    private \WeakMap $known;
    /** Of the first plan with the line that was looked at last. */
    private ?Workings $ofLine = null;

    public function __construct(private readonly PartStock $stock)
    {
        $this->known = new \WeakMap();
    }

    /**
     * With every fix that costs nothing and clears what can be cleared.
     *
     * @param list<string> $codes with which the findings begin that are to be cleared
     */
    public function cured(Plan $plan, array $codes = self::CURED): Plan
    {
        for ($cures = 0; $cures < self::MOST; ++$cures) {
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
    public function curedOnce(Plan $plan, array $codes): ?Plan
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
        $less = $this->gravity($plan) - $this->gravity($with);

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
    public function gravity(Plan $plan, array $but = []): int
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
    public function workings(Plan $plan): Workings
    {
        return $plan->line === $this->ofLine?->plan->line ? $this->ofLine->with($plan) : $this->ofLine = Workings::over($plan, $this->stock);
    }

    /** @return list<Finding> */
    public function found(Plan $plan): array
    {
        return $this->known[$plan] ??= Assessor::found($this->workings($plan));
    }
}
