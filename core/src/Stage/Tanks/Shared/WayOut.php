<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PortRole;

/** A vent for a tank that has none, wide enough for all that is left running into it. */
final class WayOut
{
    /** @return list<Fix> none where the tank takes no more ports */
    public static function fixes(TankWorking $working, Workings $workings): array
    {
        $widest = [];
        foreach (HosePath::BORES_MM as $mm) {
            $fix = PortProposal::addition(PortRole::Vent, $working, $workings, $mm);
            if (null === $fix) {
                return [];
            }
            $widest = [$fix];
            if (self::isEnough($working->index, $fix, $workings)) {
                break;
            }
        }

        return $widest;
    }

    /** The plan with such a vent on each tank that the line fills and nothing can leave. */
    public static function everywhere(Workings $workings): Plan
    {
        $plan = $workings->plan;
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $sealed = array_filter(FilledTanks::streams($working, $workings), static fn (FillStream $stream): bool => $stream->isSealed());
            $fix = [] === $sealed ? null : self::fixes($working, $workings->with($plan))[0] ?? null;
            $plan = $fix?->patch->applyTo($plan) ?? $plan;
        }

        return $plan;
    }

    private static function isEnough(int $tank, Fix $fix, Workings $workings): bool
    {
        try {
            $with = $workings->with($fix->patch->applyTo($workings->plan));
        } catch (InvalidInput) {
            return false;
        }
        foreach (FilledTanks::streams($with->of(TanksWorkings::class)->all()[$tank], $with) as $stream) {
            if (!$stream->wallsStand()) {
                return false;
            }
        }

        return true;
    }
}
