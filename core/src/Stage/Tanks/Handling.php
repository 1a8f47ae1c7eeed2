<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Face;
use YardCask\Core\Plan\PortRole;
use YardCask\Core\Plan\RunEnd;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** How a tank is filled, drained and read, in words. */
final class Handling
{
    private const NOTHING_L = 0.005;

    /** @return list<string> */
    public static function words(TankWorking $working, Workings $workings): array
    {
        return array_values(array_filter([self::filling($working, $workings), self::draining($working, $workings), self::sender($working, $workings)], is_string(...)));
    }

    private static function filling(TankWorking $working, Workings $workings): ?string
    {
        $filling = Filling::of($working, $workings);
        if (null === $filling) {
            return null;
        }
        $say = $workings->say;
        $canL = $workings->plan->load->bucketL ?? Filling::USUAL_CAN_L;
        $minutes = $filling->minutes($working->fullL(), $canL);
        $by = match ($filling->run->run?->end) {
            RunEnd::Funnel => \sprintf('by %s cans of %s through the funnel', ceil($working->fullL() / $canL - 1e-9), $say->litres($canL)),
            RunEnd::Bucket => \sprintf('by a pump that draws %s', $say->flow($filling->givenLpm)),
            default => \sprintf('by a hose that gives %s', $say->flow($filling->givenLpm)),
        };
        if (null === $minutes) {
            return \sprintf('Filled %s: nothing runs in, its inlet lies no higher than the tank.', $by);
        }
        $words = \sprintf('Filled %s: %s in %s.', $by, $say->litres($working->fullL()), $say->minutes($minutes));
        if (RunEnd::Bucket !== $filling->run->run?->end) {
            $words .= \sprintf(' Its own fall takes %s.', $say->flow($filling->takesLpm()));
        }
        if ($filling->isByHose() && $filling->isVented()) {
            $words .= \sprintf(' Left on when it is full, it presses %s on the lid.', $say->pressure($filling->fullKpa($filling->givenLpm)));
        }

        return $words;
    }

    /** Where it has a gauge: its rod ends where nothing more is drawn. */
    private static function sender(TankWorking $working, Workings $workings): ?string
    {
        $tank = $working->tank;
        $gauge = $tank->portFor(PortRole::Gauge);
        if (null === $gauge || Face::Top !== $gauge->face) {
            return null;
        }

        return \sprintf('A sender from the lid is cut to %s: it ends at the outlet, where nothing more is drawn. It tells depth, so read it by the marks.', $workings->say->mm($tank->heightMm - $tank->outletHeightMm));
    }

    private static function draining(TankWorking $working, Workings $workings): ?string
    {
        $draining = Draining::of($working, $workings);
        if (null === $draining) {
            return null;
        }
        $say = $workings->say;
        $minutes = $draining->minutes();
        $words = \sprintf('Full, its drain opens against %s and runs %s at first', $say->pressure($draining->headKpa()), $say->flow($draining->firstLpm()));
        $words .= null === $minutes ? '.' : \sprintf('; %s until it stops.', $say->minutes($minutes));
        $leftL = $draining->leftOnLevelL();
        if ($leftL > self::NOTHING_L) {
            $words .= \sprintf(' On level ground %s stay, on the best slope of %s %% %s.', $say->litres($leftL), Draining::SLOPE_PERCENT, $say->litres($draining->leftOnSlopeL()));
        }
        $hoseL = $draining->hoseLeftL();
        if (null !== $hoseL && $hoseL > self::NOTHING_L) {
            $words .= \sprintf(' In its hose %s stay on any slope.', $say->little($hoseL));
        }

        return $words;
    }
}
