<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** What an outlet gives while another one runs too. */
final readonly class PairCell implements Sent
{
    public function __construct(
        public string $flow,
        /** Whether that is what it wants at least. */
        public bool $enough,
    ) {
    }
}
