<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\TravelFill;

/** Little is left to the gross limit on the road: shopping, a wet tent or a passenger will use it up. */
final class ReserveThin implements Rule
{
    public const SHARE_OF_LIMIT = 0.03;

    public function check(Workings $workings): array
    {
        $gross = $workings->of(LoadWorkings::class)->limits()[0];
        $spare = $gross->onTheRoad;
        $wantedKg = self::SHARE_OF_LIMIT * $gross->limitKg;
        if ($spare->isBroken() || $spare->kg >= $wantedKg) {
            return [];
        }
        $say = $workings->say;

        return [new Finding(
            LoadFinding::ReserveThin,
            [],
            new Measure($spare->kg, $wantedKg, 'kg'),
            \sprintf('Only %s of payload left', $say->kg($spare->kg)),
            \sprintf('%s stands at %s of %s. Shopping, wet gear and one more passenger have to fit into what is left; keep %s or more.', ucfirst($workings->words->whole()), $say->kg($gross->limitKg - $spare->kg), $say->kg($gross->limitKg), $say->kg($wantedKg)),
            static fn (): array => array_filter([TravelFill::leavingOfGross($wantedKg, $workings)]),
        )];
    }
}
