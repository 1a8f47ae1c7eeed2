<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** Heads and flows of the live part of a network, for given states of its regulators. */
final readonly class LineSolution
{
    private const MOST_ITERATIONS = 200;
    private const WHOLE_STEPS = 20;
    private const PART = 0.6;
    /** What the next step would still change, of all that flows. */
    private const CONVERGED = 3e-9;

    /**
     * @param array<int, float> $heads by node, of those that are live or have a source
     * @param array<int, float> $flows by link, of those that are live
     * @param array<int, float> $outletFlows by outlet
     */
    public function __construct(
        public array $heads,
        public array $flows,
        public array $outletFlows,
        public bool $converged,
        public int $iterations,
        public LineShape $shape,
    ) {
    }

    /** @param self|null $start that of a network much like it */
    public static function of(LineNetwork $network, LineShape $shape, ?self $start): self
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
