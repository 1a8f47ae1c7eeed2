<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The field of another part that has the same key: declared there, and there alone. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class AsIn implements Field
{
    /** @param class-string $class */
    public function __construct(
        public string $class,
    ) {
    }
}
