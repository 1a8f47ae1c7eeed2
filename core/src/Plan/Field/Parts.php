<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A list of objects of one class. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Parts implements Field
{
    /** @param class-string $class */
    public function __construct(
        public string $class,
        public int $most,
        public int $least = 0,
    ) {
    }
}
