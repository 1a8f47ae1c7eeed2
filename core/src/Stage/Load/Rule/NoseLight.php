<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\Fill\TravelFill;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shift\WeightShift;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A trailer that presses too little on its coupling sways. */
final class NoseLight implements RuleWithThresholds
{
    private const GOOD_SHARE = 0.05;
    private const BEST_SHARE = 0.07;

    public static function thresholds(): array
    {
        return ['nose_least' => Amount::share(GreatestFill::LEAST_NOSE_SHARE), 'nose_good' => Amount::share(self::GOOD_SHARE)];
    }

    public function check(Workings $workings): array
    {
        $least = (new Balance($workings))->leastNose();
        if (null === $least || $least[0] >= self::GOOD_SHARE - 1e-6) {
            return [];
        }
        [$share, $moment] = $least;
        $light = $share < GreatestFill::LEAST_NOSE_SHARE;
        $wanted = $light ? GreatestFill::LEAST_NOSE_SHARE : self::GOOD_SHARE;
        $gross = $workings->of(LoadWorkings::class)->limits()[0];
        $wholeKg = $gross->kgIn($moment->state ?? RigState::UsedUp);
        $shortKg = ($wanted - $share) * $wholeKg;

        return [new Finding(
            $light ? LoadFinding::NoseLight : LoadFinding::NoseThin,
            [],
            new Measure($share, $wanted, ''),
            new SnagText(
                $light ? 'load.nose-light.title' : 'load.nose-thin.title',
                $light ? 'load.nose-light.why' : 'load.nose-thin.why',
                [
                    'short' => Amount::kg($shortKg),
                    'when' => $moment->phrase($workings->plan->load->rig->kind()),
                    'nose' => Amount::kg($share * $wholeKg),
                    'share' => Amount::fineShare($share),
                    'least' => Amount::share(GreatestFill::LEAST_NOSE_SHARE),
                    'good' => Amount::share(self::GOOD_SHARE),
                    'best' => Amount::share(self::BEST_SHARE),
                ],
            ),
            static fn (): array => [
                ...WasteFirst::fixes($workings),
                ...WeightShift::relieve(LimitName::Axle, $shortKg + EstimateError::on(LimitName::LeastNose, $workings->plan), $moment, $workings),
                ...TravelFill::allowed($workings),
            ],
        )];
    }
}
