<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The short, stable name of a part: a small letter, then small letters, digits and hyphens. No two parts of a plan share one. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Id implements Field
{
    public const PATTERN = '^[a-z][a-z0-9-]*$';
    public const MAX_LENGTH = 32;
}
