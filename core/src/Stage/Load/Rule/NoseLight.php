<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\NosePractice;
use YardCask\Core\Stage\Load\Fill\TravelFill;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\UsualNose;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shift\WeightShift;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/**
 * A trailer that presses too little on its coupling sways.
 *
 * Source: the nose weights that makers of couplings and tow cars recommend, 5 to 7 % of the trailer in Europe and 10 to 15 % in North America.
 */
final class NoseLight implements RuleWithThresholds
{
    public static function thresholds(): array
    {
        return ['nose_least' => Amount::share(NosePractice::Light->leastShare()), 'nose_heavy' => Amount::share(NosePractice::Heavy->leastShare())];
    }

    public function check(Workings $workings): array
    {
        $least = (new Balance($workings))->leastNose();
        $practice = UsualNose::of($workings->plan);
        if (null === $least || $least[0] >= $practice->leastShare() - 1e-6) {
            return [];
        }
        [$share, $moment] = $least;
        $wholeKg = $workings->of(LoadWorkings::class)->limits()[0]->kgIn($moment->state ?? RigState::UsedUp);
        $shortKg = ($practice->leastShare() - $share) * $wholeKg;

        return [new Finding(
            LoadFinding::NoseLight,
            [],
            new Measure($share, $practice->leastShare(), ''),
            new SnagText('load.nose-light.title', 'load.nose-light.why', [
                'short' => Amount::kg($shortKg),
                'when' => $moment->phrase($workings->plan->load->rig->kind()),
                'nose' => Amount::kg($share * $wholeKg),
                'share' => Amount::fineShare($share),
                'least' => Amount::share($practice->leastShare()),
                'best' => Amount::share($practice->bestShare()),
                'said' => null === UsualNose::said($workings->plan) ? 'no' : 'yes',
            ]),
            static fn (): array => [
                ...WasteFirst::fixes($workings),
                ...WeightShift::relieve(LimitName::Axle, $shortKg + EstimateError::on(LimitName::LeastNose, $workings->plan), $moment, $workings),
                ...TravelFill::allowed($workings),
            ],
            new LookAt('/load/rig/nose_practice', new Phrase('load.nose-light.look')),
        )];
    }
}
