<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** The highest pressure that a part or a pipe can meet, against its rating. */
final readonly class PeakRow implements Sent
{
    public function __construct(
        public string $id,
        public string $name,
        public string $peak,
        public string $rating,
        /** Of the rating. */
        public float $share,
        /** When it stands there. */
        public string $how,
    ) {
    }
}
