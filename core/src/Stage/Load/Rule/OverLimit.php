<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\TravelFill;
use YardCask\Core\Stage\Load\WeightShift;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;

/** A limit is broken somewhere between setting off and used up, or would be from brim full on. */
final class OverLimit implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            if ($limit->onTheRoad->isBroken()) {
                $findings[] = self::onTheRoad($limit, $workings);
            } elseif ($limit->fromBrimFull->isBroken()) {
                $findings[] = self::fromBrimFull($limit, $workings);
            }
        }

        return $findings;
    }

    private static function onTheRoad(LimitWorking $limit, Workings $workings): Finding
    {
        [$say, $words] = [$workings->say, $workings->words];
        $overKg = -$limit->onTheRoad->kg;
        $kg = $limit->limitKg + $overKg;
        $moment = $limit->onTheRoad->moment;
        $when = $moment->isTravelling() ? '' : ' '.$moment->inWords($say, $words);
        $carrier = LimitWords::carrier($limit->name, $words);
        $whose = RigLimit::of($limit->name, $workings->plan->load->rig)->whose;
        $carries = \sprintf('%s at %s%s, allowed %s%s', ucfirst($carrier), $say->kg($kg), $when, $say->kg($limit->limitKg), '' === $whose ? '' : ' by '.$whose);
        $waterKg = $kg - $limit->fill->emptyKg;
        $why = match (true) {
            $limit->isOverBeforeWater() => $carries.'. It is over even without water, so something else must move or stay at home.',
            $waterKg > 0 => \sprintf('%s; %s of that is water.', $carries, $say->kg($waterKg)),
            default => $carries.'. The water lightens it and is missing then.',
        };

        return new Finding(
            LoadFinding::over($limit->name),
            [],
            new Measure($kg, $limit->limitKg, 'kg'),
            \sprintf('%s is %s over its limit%s', ucfirst($carrier), $say->kg($overKg), $when),
            $why,
            static fn (): array => [
                ...TravelFill::allowed($workings),
                ...WeightShift::relieveWithMargin($limit->name, $overKg, $limit->errorKg, $moment, $workings),
            ],
            LimitWords::plate($limit->name, $workings->plan->load->rig),
        );
    }

    private static function fromBrimFull(LimitWorking $limit, Workings $workings): Finding
    {
        [$say, $words] = [$workings->say, $workings->words];
        $several = \count($workings->of(TanksWorkings::class)->that(Holds::Fresh)) > 1;
        $kg = $limit->limitKg - $limit->fromBrimFull->kg;
        $maxL = $limit->fill->greatestFraction() * $workings->of(TanksWorkings::class)->fullL(Holds::Fresh);
        $greatest = $workings->of(LoadWorkings::class)->greatestFill();
        $allowedL = $greatest->exists ? min($maxL, $greatest->litres) : $maxL;

        return new Finding(
            LoadFinding::overFull($limit->name),
            [],
            new Measure($kg, $limit->limitKg, 'kg'),
            $several
                ? \sprintf('Do not %s brim full, nor with more than %s in tanks filled alike', $words->drive(), $say->litresAtMost($allowedL))
                : \sprintf('Do not %s with more than %s', $words->drive(), $say->litresAtMost($allowedL)),
            \sprintf('%s, %s is at %s of %s.%s', ucfirst($limit->fromBrimFull->moment->inWords($say, $words)), LimitWords::carrier($limit->name, $words), $say->kg($kg), $say->kg($limit->limitKg), $words->limitHoldsAtRest() ? '' : ' Fill up on arrival, standing.'),
            static fn (): array => array_values(array_filter([
                ...WeightShift::relieveWithMargin($limit->name, -$limit->fromBrimFull->kg, $limit->errorKg, $limit->fromBrimFull->moment, $workings),
                TankLength::holdingAtMost($allowedL, $workings),
            ])),
        );
    }
}
