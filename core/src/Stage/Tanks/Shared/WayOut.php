<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PortRole;

/** A vent for a tank that has none, wide enough for all that is left running into it. */
final class WayOut
{
    /** @return list<Fix> on its top, or where there is room for the fitting; none where the tank takes no more ports */
    public static function fixes(TankWorking $working, Workings $workings): array
    {
        foreach ([null, Face::Rear, Face::Front, Face::Left, Face::Right] as $face) {
            $fix = self::wideEnough($face, $working, $workings);
            if (null !== $fix && self::hasRoom($working->index, $fix, $workings)) {
                return [$fix];
            }
        }

        $blocked = self::wideEnough(null, $working, $workings);

        return null === $blocked ? [] : [$blocked];
    }

    /** The widest where none is wide enough. */
    private static function wideEnough(?Face $face, TankWorking $working, Workings $workings): ?Fix
    {
        $fix = null;
        foreach (HosePath::BORES_MM as $mm) {
            $fix = PortProposal::addition(PortRole::Vent, $working, $workings, $mm, $face);
            if (null === $fix || self::isEnough($working->index, $fix, $workings)) {
                break;
            }
        }

        return $fix;
    }

    /** Whether nothing stands in the way of a fitting that was clear of everything before. */
    private static function hasRoom(int $tank, Fix $fix, Workings $workings): bool
    {
        $blocked = static fn (Plan $plan): int => \count(array_filter(
            $plan->tanks[$tank]->ports,
            static fn (PlannedPort $port): bool => PortRoom::missingMm($port, $plan->tanks[$tank], $plan) > PortRoom::NOTHING_MM,
        ));
        try {
            return $blocked($fix->patch->applyTo($workings->plan)) <= $blocked($workings->plan);
        } catch (InvalidInput) {
            return false;
        }
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
