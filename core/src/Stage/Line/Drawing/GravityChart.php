<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** An outlet to which water runs by its own fall. */
final readonly class GravityChart implements Sent
{
    /**
     * @param list<GravityCurve> $curves
     * @param list<ChartTick> $flows
     * @param list<ChartTick> $raises
     */
    public function __construct(
        public string $outlet,
        public string $title,
        public string $words,
        /** What height or bore would give what is wanted at most. */
        public string $wants,
        #[ListOf(GravityCurve::class)]
        public array $curves,
        /** Lines across the chart, in L/min. */
        #[ListOf(ChartTick::class)]
        public array $flows,
        /** Lines up it. */
        #[ListOf(ChartTick::class)]
        public array $raises,
    ) {
    }
}
