<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Wording;

/** What people usually want of an outlet, and why: what the catalogue's outlets begin with. */
final class UsualWants
{
    private const LITRES_PER_MINUTE = [
        'tap' => [2.0, 6.0],
        'switched_tap' => [2.0, 6.0],
        'mixer_tap' => [3.0, 6.0],
        'shower' => [4.0, 8.0],
        'outside_point' => [4.0, 8.0],
        'washer' => [6.0, 10.0],
    ];
    private const WASHER_KPA = 30.0;

    /** @return string empty for what is no outlet */
    public static function words(PartKind $kind, Wording $wording): string
    {
        [$low, $high] = self::LITRES_PER_MINUTE[$kind->value] ?? [0.0, 0.0];

        return $high <= 0 ? '' : $wording->text('line.usual', [
            'kind' => $kind,
            'low' => Amount::flow($low),
            'high' => Amount::flow($high),
            'pressure' => Amount::pressure(self::WASHER_KPA),
        ]);
    }
}
