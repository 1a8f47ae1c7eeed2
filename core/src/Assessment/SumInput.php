<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One number that went into a sum: another figure, a field of the plan, or a constant. */
final readonly class SumInput implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private function __construct(
        public string $label,
        public string $text,
        /** The other figure's id. */
        public ?string $figure,
        public ?string $pointer,
    ) {
    }

    /** Another figure, of this stage or of any; its label and text are filled in when all are worked out. */
    public static function figure(string $id, string $label = '', string $text = ''): self
    {
        return new self($label, $text, $id, null);
    }

    public static function field(string $label, string $text, string $pointer): self
    {
        return new self($label, $text, null, $pointer);
    }

    public static function constant(string $label, string $text): self
    {
        return new self($label, $text, null, null);
    }
}
