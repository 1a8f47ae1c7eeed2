<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** The highest number that was ever issued for each kind of part. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Issued implements Field
{
}
