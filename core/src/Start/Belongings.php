<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Words\Phrasebook;

/** What people bring along before anybody has weighed it, so that a plan does not promise payload that is not there. Rules of thumb. */
final class Belongings
{
    private const KG_A_PERSON = 25.0;
    private const KG_A_METRE = 10.0;
    /** Above the floor, in lockers and cupboards. */
    private const HEIGHT_M = 0.5;

    /** @return list<PlannedLoad> bags of the crew, unless the rig says what each brings, and gear by the length of the body, in the middle of it */
    public static function of(FirstAnswers $answers): array
    {
        $rig = $answers->rig->rig;
        $sizes = $rig->sizes();
        $middleM = round($rig->bodyFromM() + $sizes->lengthM / 2, 2);
        $load = static fn (string $id, string $key, float $kg): PlannedLoad => new PlannedLoad(
            $id,
            Phrasebook::english()->fill($key, []),
            $kg,
            $middleM,
            0.0,
            round($sizes->floorM + self::HEIGHT_M, 3),
        );

        return [
            ...[] === $answers->rig->loads ? [$load('belongings', 'load.new.belongings', self::KG_A_PERSON * $answers->crew)] : [],
            $load('gear', 'load.new.gear', round(self::KG_A_METRE * $sizes->lengthM)),
        ];
    }
}
