<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/** The flow at which losses use up a pressure. */
final class FlowSearch
{
    private const MOST_STEPS = 80;

    /**
     * Losses rise with about the first to the third power of the flow, so that taking the flow times √(wanted ÷ found) halves what
     * it is out by, at least.
     *
     * @param \Closure(float): float $lossKpa by the flow in L/min; rising, nothing at no flow
     * @param float $kpa that drives it; none where it is not above 0
     */
    public static function lpm(\Closure $lossKpa, float $kpa): float
    {
        if ($kpa <= 0) {
            return 0.0;
        }
        $lpm = 1.0;
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $next = $lpm * sqrt($kpa / $lossKpa($lpm));
            if (abs($next - $lpm) <= 1e-11 * $next) {
                return $next;
            }
            $lpm = $next;
        }

        return $lpm;
    }
}
