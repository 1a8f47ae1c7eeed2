<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shift\WeightShift;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Too little rests on the steered axle. */
final class SteeringLight implements RuleWithThresholds
{
    /** Of the whole; a workshop's rule, and the law in many places. */
    public const LEAST_SHARE = 0.2;

    public static function thresholds(): array
    {
        return ['steering_least' => Amount::share(self::LEAST_SHARE)];
    }

    public function check(Workings $workings): array
    {
        $least = (new Balance($workings))->leastFront();
        if (null === $least || $least[0] >= self::LEAST_SHARE - 1e-9) {
            return [];
        }
        [$share, $moment] = $least;
        $wholeKg = $workings->of(LoadWorkings::class)->limits()[0]->kgIn($moment->state ?? RigState::UsedUp);

        return [new Finding(
            LoadFinding::SteeringLight,
            [],
            new Measure($share, self::LEAST_SHARE, ''),
            new SnagText('load.steering-light.title', 'load.steering-light.why', [
                'share' => Amount::fineShare($share),
                'least' => Amount::share(self::LEAST_SHARE),
                'when' => $moment->phrase($workings->plan->load->rig->kind()),
                'kg' => Amount::kg($share * $wholeKg),
                'whole' => Amount::kg($wholeKg),
            ]),
            static fn (): array => [
                ...WasteFirst::fixes($workings),
                ...WeightShift::relieve(LimitName::Rear, (self::LEAST_SHARE - $share) * $wholeKg, $moment, $workings),
            ],
        )];
    }
}
