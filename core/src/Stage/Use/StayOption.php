<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One way to stay, and what choosing it changes. */
final readonly class StayOption implements Sent
{
    use SentAsDeclared;

    public function __construct(
        public string $value,
        public Fix $choose,
    ) {
    }
}
