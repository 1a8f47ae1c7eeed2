<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\NamedChoice;

/** One case of the enum that the property is typed with, or only of some of its cases. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Choice implements Field
{
    /** @param list<\BackedEnum&NamedChoice> $only all cases when empty */
    public function __construct(
        public string $label,
        public array $only = [],
        /** The heading under which it is shown. */
        public string $group = '',
    ) {
    }
}
