<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What goes into one tank for the road. */
final readonly class SlipRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $name,
        public string $litresFigureId,
        /** “3 full of 20.0 L, 21 kg each, and one with 5.0 L”; null for a tank that is filled where it stands. */
        public ?string $cans,
        /** “4 buckets and 3.0 L”; null while nobody has said what a bucket holds. */
        public ?string $buckets,
        /** How long the hose runs; null while nobody has said what it gives. */
        public ?string $minutesFigureId,
        /** At what the meter is stopped; null while it has not been checked against a bucket. */
        public ?string $meterFigureId,
    ) {
    }
}
