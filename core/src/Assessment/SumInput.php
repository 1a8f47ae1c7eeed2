<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One number that went into a sum: another figure, a field of the plan, something assumed or found, or a constant. */
final readonly class SumInput implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** Its symbol in the expression. */
        public string $symbol,
        public string $label,
        public float $value,
        /** Of the value; empty for a share or a count. */
        public string $unit,
        /** As it reads in the plan’s units, with as many digits as the sum needs. */
        public string $text,
        /** The other figure's id. */
        public ?string $figure,
        public ?string $pointer,
        /** Whether it is assumed, because the plan does not say. */
        public bool $assumed,
        /** Whether a search or the solver of the line has found it. */
        public bool $found,
    ) {
    }
}
