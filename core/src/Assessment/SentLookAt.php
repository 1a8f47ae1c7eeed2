<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Words\Wording;

/** The field to go to when the cure has to be typed, as it is sent. */
final readonly class SentLookAt implements Sent
{
    private function __construct(
        public string $pointer,
        public string $label,
    ) {
    }

    public static function of(?LookAt $lookAt, Wording $wording): ?self
    {
        return null === $lookAt ? null : new self($lookAt->pointer, $wording->phrase($lookAt->label));
    }
}
