<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Filling;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;

/** Little is left to the gross limit on the road: shopping, a wet tent or a passenger will use it up. */
final class ReserveThin implements Rule
{
    private const SHARE_OF_LIMIT = 0.03;

    public function check(Workings $workings): array
    {
        $gross = $workings->limits()[0];
        $spareKg = $gross->spareAt(Filling::Travelling);
        $wantedKg = self::SHARE_OF_LIMIT * $gross->limitKg;
        if ($gross->isOverAt(Filling::Travelling) || $spareKg >= $wantedKg) {
            return [];
        }
        $say = $workings->say;

        return [new Finding(
            FindingCode::ReserveThin,
            [],
            new Measure($spareKg, $wantedKg, 'kg'),
            \sprintf('Only %s of payload left', $say->kg($spareKg)),
            \sprintf('The rig travels at %s of %s. Shopping, wet gear and one more passenger have to fit into what is left; keep %s or more.', $say->kg($gross->limitKg - $spareKg), $say->kg($gross->limitKg), $say->kg($wantedKg)),
            static fn (): array => array_filter([TravelFill::leaving([$gross->name->value => $wantedKg], $workings)]),
        )];
    }
}
