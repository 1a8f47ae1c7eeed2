<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** The fresh tanks give far more than the stay can use, even at the upper end of what is likely. */
final class TankOversized implements RuleWithThresholds
{
    public const TIMES_HIGH = 1.5;

    public static function thresholds(): array
    {
        return ['times_high' => Amount::number(self::TIMES_HIGH)];
    }

    public function check(Workings $workings): array
    {
        $need = $workings->of(UseWorkings::class)->need(Supply::Main);
        $usableL = $workings->of(TanksWorkings::class)->usableL(WaterKind::Fresh);
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        if (null === $largest || $usableL <= self::TIMES_HIGH * $need->highL || $need->carryL <= TankProposal::CAN_L) {
            return [];
        }

        return [new Finding(
            TanksFinding::TankOversized,
            [$largest->tank->id],
            new Measure($usableL, self::TIMES_HIGH * $need->highL, 'L'),
            new SnagText('tanks.oversized.title', 'tanks.oversized.why', ['litres' => Amount::litres($usableL), 'litres_high' => Amount::litres($need->highL)]),
            static fn (): array => array_values(array_filter([
                TankLength::giving($need->highL, $workings),
                ...OtherTanks::insteadOf($largest, 0.0, $largest->fullL() - ($usableL - self::TIMES_HIGH * $need->highL), $workings),
            ])),
        )];
    }
}
