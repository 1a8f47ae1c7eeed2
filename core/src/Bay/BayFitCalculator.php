<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** Whether a tank fits into a bay, in any turn that is allowed, and where: the lowest place first, then the nearest to the low corner. */
final class BayFitCalculator
{
    public static function calculate(BayFitInput $input): BayFit
    {
        $tanks = [];
        foreach (Turn::all($input->tank->upright) as $turn) {
            $tank = $input->tank->turned($turn);
            $tanks[$tank->key()] ??= $tank;
        }
        $best = null;
        $short = null;
        foreach ($tanks as $tank) {
            $places = FreePlaces::of($tank, $input->bayMm, ...$input->obstructions);
            $at = $places->lowest();
            if (null !== $at && (null === $best || self::isBetter($at, $best[1]))) {
                $best = [$tank, $at];
            }
            if (null === $best) {
                $short = self::less($short, self::missingMm($places));
            }
        }

        return null === $best ? new BayFit(null, $short) : new BayFit(Placement::of($best[0], $best[1]), null);
    }

    /**
     * @param array{float, float, float} $at
     * @param array{float, float, float} $than
     */
    private static function isBetter(array $at, array $than): bool
    {
        return [round($at[2], 6), round(hypot($at[0], $at[1]), 6)] < [round($than[2], 6), round(hypot($than[0], $than[1]), 6)];
    }

    private static function missingMm(FreePlaces $places): ?float
    {
        $least = null;
        foreach ([0, 1, 2] as $axis) {
            $least = self::less(self::less($least, $places->missingMm($axis, true)), $places->missingMm($axis, false));
        }

        return $least;
    }

    private static function less(?float $one, ?float $other): ?float
    {
        return null === $one || null === $other ? $one ?? $other : min($one, $other);
    }
}
