<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\Fill\TravelFill;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Little is left to the gross limit on the road: shopping, a wet tent or a passenger will use it up. */
final class ReserveThin implements RuleWithThresholds
{
    public const SHARE_OF_LIMIT = 0.03;

    public static function thresholds(): array
    {
        return ['reserve' => Amount::share(self::SHARE_OF_LIMIT)];
    }

    public function check(Workings $workings): array
    {
        $gross = $workings->of(LoadWorkings::class)->limits()[0];
        $spare = $gross->onTheRoad;
        $wantedKg = self::SHARE_OF_LIMIT * $gross->limitKg;
        if ($spare->isBroken() || $spare->kg >= $wantedKg) {
            return [];
        }

        return [new Finding(
            LoadFinding::ReserveThin,
            [],
            new Measure($spare->kg, $wantedKg, 'kg'),
            new SnagText('load.reserve-thin.title', 'load.reserve-thin.why', [
                'rig' => $workings->plan->load->rig->kind(),
                'left' => Amount::kg($spare->kg),
                'left_wanted' => Amount::kg($wantedKg),
                'kg' => Amount::kg($gross->limitKg - $spare->kg),
                'kg_limit' => Amount::kg($gross->limitKg),
            ]),
            static fn (): array => array_filter([TravelFill::leavingOfGross($wantedKg, $workings)]),
        )];
    }
}
