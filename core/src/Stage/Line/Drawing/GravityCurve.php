<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What comes by its own fall, with the tank at other heights. */
final readonly class GravityCurve implements Sent
{
    /**
     * @param list<ChartPoint> $points
     */
    public function __construct(
        /** “bore 15 mm”. */
        public string $name,
        public bool $present,
        #[ListOf(ChartPoint::class)]
        public array $points,
    ) {
    }
}
