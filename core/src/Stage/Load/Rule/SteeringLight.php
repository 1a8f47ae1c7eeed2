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
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\WeightShift;

/** Too little rests on the steered axle. */
final class SteeringLight implements Rule
{
    /** Of the whole; a workshop's rule, and the law in many places. */
    public const LEAST_SHARE = 0.2;

    public function check(Workings $workings): array
    {
        $least = (new Balance($workings))->leastFront();
        if (null === $least || $least[0] >= self::LEAST_SHARE - 1e-9) {
            return [];
        }
        [$share, $moment] = $least;
        $say = $workings->say;
        $wholeKg = $workings->of(LoadWorkings::class)->limits()[0]->kgIn($moment->state ?? RigState::UsedUp);
        $when = $moment->isTravelling() ? '' : ' '.$moment->inWords($say, $workings->words);

        return [new Finding(
            LoadFinding::SteeringLight,
            [],
            new Measure($share, self::LEAST_SHARE, ''),
            \sprintf('Only %s rests on the steered axle%s', $say->finerShare($share), $when),
            \sprintf('%s of %s. Below %s the steering grows light and the front wheels slide first.', $say->kg($share * $wholeKg), $say->kg($wholeKg), $say->share(self::LEAST_SHARE)),
            static fn (): array => WeightShift::relieve(LimitName::Rear, (self::LEAST_SHARE - $share) * $wholeKg, $moment, $workings),
        )];
    }
}
