<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Phrase;

/** The field to go to when the cure has to be typed, and what the button says. */
final readonly class LookAt
{
    public function __construct(
        public string $pointer,
        public Phrase $label,
    ) {
    }
}
