<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** true or false. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class YesNo implements Field
{
    public function __construct(
        /** Beside the box to tick. */
        public string $label,
        /** The heading under which it is shown. */
        public string $group = '',
    ) {
    }
}
