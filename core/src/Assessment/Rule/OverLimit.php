<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Filling;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LimitWords;
use YardCask\Core\Assessment\LimitWorking;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Supply;

/** A limit is broken at the travel fill, or would be with the tanks brim full. */
final class OverLimit implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->limits() as $limit) {
            if ($limit->isOverAt(Filling::Travelling)) {
                $findings[] = self::onTheRoad($limit, $workings);
            } elseif ($limit->isOverAt(Filling::BrimFull)) {
                $findings[] = self::whenFull($limit, $workings);
            }
        }

        return $findings;
    }

    private static function onTheRoad(LimitWorking $limit, Workings $workings): Finding
    {
        $say = $workings->say;
        $overKg = -$limit->spareAt(Filling::Travelling);
        $kg = $limit->kgAt(Filling::Travelling);
        $carries = \sprintf('%s at %s, allowed %s', ucfirst(LimitWords::carrier($limit->name, $workings->plan)), $say->kg($kg), $say->kg($limit->limitKg));

        return new Finding(
            LimitWords::overOnTheRoad($limit->name),
            [],
            new Measure($kg, $limit->limitKg, 'kg'),
            \sprintf('%s is %s over its limit', ucfirst(LimitWords::carrier($limit->name, $workings->plan)), $say->kg($overKg)),
            $limit->emptyKg > $limit->limitKg
                ? $carries.'. It is over even without water, so something else must move or stay at home.'
                : \sprintf('%s; %s of that is water.', $carries, $say->kg($limit->waterKgAt(Filling::Travelling))),
            static fn (): array => array_values(array_filter([
                TravelFill::split($workings),
                TravelFill::within($workings),
                ...WeightShift::relieve($limit->name, $overKg, Filling::Travelling, $workings),
            ])),
            LimitWords::pointer($limit->name, $workings->plan),
        );
    }

    private static function whenFull(LimitWorking $limit, Workings $workings): Finding
    {
        $say = $workings->say;
        $maxL = $limit->greatestFraction() * $workings->fullL(Supply::Main);

        return new Finding(
            LimitWords::overWhenFull($limit->name),
            [],
            new Measure($limit->kgAt(Filling::BrimFull), $limit->limitKg, 'kg'),
            \count($workings->tanksOf(Supply::Main)) > 1
                ? \sprintf('Do not drive brim full, nor with more than %s in tanks filled alike', $say->litresAtMost($maxL))
                : \sprintf('Do not drive with more than %s', $say->litresAtMost($maxL)),
            \sprintf('Brim full, %s is at %s of %s. Fill up on arrival, standing.', LimitWords::carrier($limit->name, $workings->plan), $say->kg($limit->kgAt(Filling::BrimFull)), $say->kg($limit->limitKg)),
            static fn (): array => array_values(array_filter([
                ...WeightShift::relieve($limit->name, -$limit->spareAt(Filling::BrimFull), Filling::BrimFull, $workings),
                TankLength::holdingAtMost($maxL, $workings),
            ])),
        );
    }
}
