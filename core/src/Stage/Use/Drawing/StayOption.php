<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Output\Sent;

/** One way to stay, and what choosing it changes. */
final readonly class StayOption implements Sent
{
    public function __construct(
        public string $value,
        public SentFix $choose,
    ) {
    }
}
