<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Output\Sent;

/** The litres to carry for some days, with the band of the likely spread. */
final readonly class CurvePoint implements Sent
{
    public function __construct(
        public float $days,
        public float $litres,
        public float $low,
        public float $high,
    ) {
    }
}
