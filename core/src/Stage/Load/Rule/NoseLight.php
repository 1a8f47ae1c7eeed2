<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\Balance;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\TravelFill;
use YardCask\Core\Stage\Load\WeightShift;

/** A trailer that presses too little on its coupling sways. */
final class NoseLight implements Rule
{
    public const LEAST_SHARE = GreatestFill::LEAST_NOSE_SHARE;
    public const GOOD_SHARE = 0.05;

    public function check(Workings $workings): array
    {
        $least = (new Balance($workings))->leastNose();
        if (null === $least || $least[0] >= self::GOOD_SHARE - 1e-6) {
            return [];
        }
        [$share, $moment] = $least;
        $say = $workings->say;
        $light = $share < self::LEAST_SHARE;
        $wanted = $light ? self::LEAST_SHARE : self::GOOD_SHARE;
        $gross = $workings->of(LoadWorkings::class)->limits()[0];
        $wholeKg = $gross->kgIn($moment->state ?? RigState::UsedUp);
        $shortKg = ($wanted - $share) * $wholeKg;
        $when = $moment->isTravelling() ? '' : ' '.$moment->inWords($say, $workings->words);

        return [new Finding(
            $light ? LoadFinding::NoseLight : LoadFinding::NoseThin,
            [],
            new Measure($share, $wanted, ''),
            $light ? \sprintf('The nose is light by %s%s', $say->kg($shortKg), $when) : \sprintf('The nose is on the light side%s', $when),
            \sprintf('%s on the coupling is %s of the trailer%s; %s.', $say->kg($share * $wholeKg), $say->finerShare($share), $when, $light ? \sprintf('below %s it tends to sway at speed', $say->share(self::LEAST_SHARE)) : \sprintf('between %s and %s it wants a calm hand, and %s to %s tow best', $say->share(self::LEAST_SHARE), $say->share(self::GOOD_SHARE), $say->share(self::GOOD_SHARE), $say->share(0.07))),
            static fn (): array => [
                ...WeightShift::relieve(LimitName::Axle, $shortKg + EstimateError::on(LimitName::LeastNose, $workings->plan), $moment, $workings),
                ...TravelFill::allowed($workings),
            ],
        )];
    }
}
