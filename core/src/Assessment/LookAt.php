<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** The field to go to when the cure is to be typed, and what the button says. */
final readonly class LookAt implements Sent
{
    public function __construct(
        public string $pointer,
        public string $label,
    ) {
    }
}
