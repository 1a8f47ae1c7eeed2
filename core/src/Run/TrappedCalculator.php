<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

/**
 * Water that stays in a run with both ends open.
 *
 * Whatever lies below the highest point towards one end and below the highest point towards the other cannot run out:
 * below the sill, which is the lower of the two, the run stays full. Heights are linear between points, so each stretch
 * is full from its low end up to the sill. Source: communicating vessels; the bore is taken as filled where its axis is.
 */
final class TrappedCalculator
{
    private const NOTHING_M = 1e-12;

    public static function calculate(TrappedInput $run): Trapped
    {
        $heights = array_map($run->heightM(...), $run->points);
        $towardsStart = self::highestSoFar($heights);
        $towardsEnd = array_reverse(self::highestSoFar(array_reverse($heights)));
        $litresPerM = \M_PI / 4 * ($run->boreMm / 1000) ** 2 * 1000;
        $stretches = [];
        $along = 0.0;
        for ($index = 0; $index + 1 < \count($heights); ++$index) {
            $length = $run->points[$index]->distanceM($run->points[$index + 1]);
            $full = self::below(min($towardsStart[$index], $towardsEnd[$index + 1]), $heights[$index], $heights[$index + 1]);
            if (null !== $full) {
                $stretches[] = [$along + $full[0] * $length, $along + $full[1] * $length];
            }
            $along += $length;
        }

        return new Trapped(
            $along,
            array_map(
                static fn (array $stretch): Pocket => new Pocket($stretch[0], $stretch[1], ($stretch[1] - $stretch[0]) * $litresPerM),
                self::joined($stretches),
            ),
        );
    }

    /**
     * @param list<float> $heights
     *
     * @return list<float>
     */
    private static function highestSoFar(array $heights): array
    {
        $highest = -\INF;

        return array_map(static function (float $height) use (&$highest): float {
            return $highest = max($highest, $height);
        }, $heights);
    }

    /** @return array{float, float}|null the part of a stretch that lies below a sill, from 0 to 1 */
    private static function below(float $sill, float $from, float $to): ?array
    {
        if (min($from, $to) >= $sill) {
            return null;
        }
        if (max($from, $to) <= $sill) {
            return [0.0, 1.0];
        }
        $crossing = ($sill - $from) / ($to - $from);

        return $from < $to ? [0.0, $crossing] : [$crossing, 1.0];
    }

    /**
     * @param list<array{float, float}> $stretches in the order of the run
     *
     * @return list<array{float, float}> those that touch as one
     */
    private static function joined(array $stretches): array
    {
        $joined = [];
        foreach ($stretches as $stretch) {
            $last = array_key_last($joined);
            if (null !== $last && $stretch[0] - $joined[$last][1] <= self::NOTHING_M) {
                $joined[$last][1] = $stretch[1];
            } elseif ($stretch[1] - $stretch[0] > self::NOTHING_M) {
                $joined[] = $stretch;
            }
        }

        return $joined;
    }
}
