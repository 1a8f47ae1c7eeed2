<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** The main tanks give far more than the stay can use, even at the upper end of what is likely. */
final class TankOversized implements Rule
{
    private const TIMES_HIGH = 1.5;

    public function check(Workings $workings): array
    {
        $highL = $workings->need(Supply::Main)->highL;
        $usableL = $workings->usableL(Supply::Main);
        $largest = $workings->largestFixedTank();
        if (null === $largest || $usableL <= self::TIMES_HIGH * $highL || CanEnough::suffices($workings)) {
            return [];
        }
        $say = $workings->say;
        $keepL = $highL - ($usableL - $largest->volume->usableL);

        return [new Finding(
            FindingCode::TankOversized,
            [$largest->tank->id],
            new Measure($usableL, self::TIMES_HIGH * $highL, 'L'),
            'Larger than any use of it',
            \sprintf('The tanks give %s; even a thirsty stay takes %s. The rest is carried for nothing, and water that is not turned over goes stale.', $say->litres($usableL), $say->litres($highL)),
            static function () use ($keepL, $largest, $say): array {
                $lengthMm = ceil($largest->tank->lengthMm * $keepL / $largest->volume->usableL / 10) * 10;

                return $lengthMm >= 100 ? [new Fix(\sprintf('Make %s %s long', $largest->tank->name, $say->mm($lengthMm)), PlanPatch::replace($largest->pointer().'/length_mm', $lengthMm))] : [];
            },
        )];
    }
}
