<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** Repeats Newton steps until the next one would change nothing that matters. */
final class LineIteration
{
    private const MOST_ITERATIONS = 200;
    private const WHOLE_STEPS = 20;
    private const PART = 0.6;
    /** The change of the next step, as a share of all flows. */
    private const CONVERGED = 3e-9;

    /** @param LineSolution|null $start that of a network much like it */
    public static function solve(LineNetwork $network, LineShape $shape, ?LineSolution $start): LineSolution
    {
        $system = new LineSystem($network, $shape, $start);
        $converged = false;
        $iteration = 0;
        $before = \INF;
        while (!$converged && $iteration < self::MOST_ITERATIONS) {
            ++$iteration;
            // What shuts and opens in turn is brought together in smaller steps.
            [$change, $sum] = $system->step($iteration > self::WHOLE_STEPS ? self::PART : 1.0);
            // As this change is to the one before, the next one is to this at most: near its end the method gets better with each step.
            $next = \INF === $before ? $change : $change * min(1.0, $change / max($before, \PHP_FLOAT_MIN));
            $converged = $next <= self::CONVERGED * max(1.0, $sum);
            $before = $change;
        }

        return $system->solution($converged, $iteration);
    }
}
