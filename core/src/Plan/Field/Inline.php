<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A value object whose fields are written into the object that holds it, each key with a prefix. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Inline implements Field
{
    /** @param string $word what it is called in the words of its fields, in place of `{part}` */
    public function __construct(
        public string $prefix = '',
        public string $word = '',
    ) {
    }
}
