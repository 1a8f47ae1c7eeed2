<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LimitWords;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Plan\Supply;

/** A limit is broken at the travel fill, or would be with the tanks brim full. */
final class OverLimit implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->full->limits() as $limit) {
            $fill = $workings->plan->load->travelFill;
            if ($limit->spareAt($fill) < -0.05) {
                $findings[] = self::onTheRoad($limit, $fill, $workings);
            } elseif ($limit->spareAt(1) < -0.05) {
                $findings[] = self::whenFull($limit, $workings);
            }
        }

        return $findings;
    }

    private static function onTheRoad(FillLimit $limit, float $fill, Workings $workings): Finding
    {
        $say = $workings->say;
        $waterKg = $fill * $limit->waterKg;
        $carries = \sprintf('%s at %s, allowed %s', ucfirst(LimitWords::carrier($limit->name, $workings->plan)), $say->kg($limit->kgAt($fill)), $say->kg($limit->limitKg));

        return new Finding(
            LimitWords::overOnTheRoad($limit->name),
            [],
            new Measure($limit->kgAt($fill), $limit->limitKg, 'kg'),
            \sprintf('%s is %s over its limit', ucfirst(LimitWords::carrier($limit->name, $workings->plan)), $say->kg(-$limit->spareAt($fill))),
            $limit->emptyKg > $limit->limitKg
                ? $carries.'. It is over even without water, so something else must move or stay at home.'
                : \sprintf('%s; %s of that is water.', $carries, $say->kg($waterKg)),
            static fn (): array => array_values(array_filter([
                TravelFill::within($workings),
                ...WeightShift::relieve($limit->name, -$limit->spareAt($fill), $fill, $workings),
            ])),
            LimitWords::pointer($limit->name, $workings->plan),
        );
    }

    private static function whenFull(FillLimit $limit, Workings $workings): Finding
    {
        $say = $workings->say;
        $maxL = $limit->greatestFraction() * $workings->fullL(Supply::Main);

        return new Finding(
            LimitWords::overWhenFull($limit->name),
            [],
            new Measure($limit->kgAt(1), $limit->limitKg, 'kg'),
            \sprintf('Do not drive with more than %s', $say->litresAtMost($maxL)),
            \sprintf('Brim full, %s is at %s of %s. Fill up on arrival, standing.', LimitWords::carrier($limit->name, $workings->plan), $say->kg($limit->kgAt(1)), $say->kg($limit->limitKg)),
            static fn (): array => array_values(array_filter([
                ...WeightShift::relieve($limit->name, -$limit->spareAt(1), 1.0, $workings),
                TankLength::holdingAtMost($maxL, $workings),
            ])),
        );
    }
}
