<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\InputReader;

/** What contradicts itself in the table of a tank that was measured by filling it. */
final class LevelsCheck
{
    /** A table may hold so much more than the outside has room for: tapes differ. */
    private const MOST_HELD = 1.02;

    /**
     * @param list<PlannedLevel> $levels
     * @param array{float, float, float} $size of the tank, in mm
     * @param string $overflowKey under which the height of its overflow stands
     * @param InputReader $in at the tank
     */
    public static function check(array $levels, array $size, float $overflowMm, string $overflowKey, InputReader $in): void
    {
        if ([] === $levels) {
            $in->fail('levels', 'A tank by a measured table needs at least one height with its litres.');

            return;
        }
        [$lengthMm, $widthMm, $heightMm] = $size;
        [$belowMm, $belowL] = [0.0, 0.0];
        foreach ($levels as $index => $level) {
            if ($level->heightMm <= $belowMm) {
                $in->fail(
                    'levels/'.$index.'/height_mm',
                    \sprintf('Heights rise from line to line: %s mm is not above %s mm.', $level->heightMm, $belowMm),
                );
            } elseif ($level->litres <= $belowL) {
                $in->fail(
                    'levels/'.$index.'/litres',
                    \sprintf(
                        'A higher level holds more: %s L at %s mm is no more than the %s L below it.',
                        $level->litres,
                        $level->heightMm,
                        $belowL,
                    ),
                );
            } elseif ($level->litres > self::MOST_HELD * $lengthMm * $widthMm * $level->heightMm / 1e6) {
                $in->fail(
                    'levels/'.$index.'/litres',
                    \sprintf('%s L do not go into %s × %s mm up to %s mm.', $level->litres, $lengthMm, $widthMm, $level->heightMm),
                );
            }
            [$belowMm, $belowL] = [$level->heightMm, $level->litres];
        }
        if ($belowMm > $heightMm) {
            $in->fail('height_mm', \sprintf('The table goes up to %s mm, and the tank is only %s mm high.', $belowMm, $heightMm));
        } elseif ($overflowMm > $belowMm) {
            $in->fail($overflowKey, \sprintf('The overflow (%s mm) is above the end of the table (%s mm).', $overflowMm, $belowMm));
        }
    }
}
