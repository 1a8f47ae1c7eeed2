<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
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

        return [new Finding(
            FindingCode::TankOversized,
            [$largest->tank->id],
            new Measure($usableL, self::TIMES_HIGH * $highL, 'L'),
            'Larger than any use of it',
            \sprintf('The tanks give %s; even a thirsty stay takes %s. The rest is carried for nothing, and water that is not turned over goes stale.', $say->litres($usableL), $say->litres($highL)),
            static fn (): array => array_filter([TankLength::giving($highL, $workings)]),
        )];
    }
}
