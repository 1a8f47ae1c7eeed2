<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A text on one line, of 1 to $maxLength characters. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Text implements Field
{
    /** Of the name of a part of a plan. */
    public const LONGEST_NAME = 60;

    public function __construct(
        public string $what,
        public int $maxLength,
    ) {
    }
}
