<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** An object with fields of its own, of the class that the property is typed with. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Part implements Field
{
    /** @param string $word what it is called in the words of its fields, in place of `{part}` */
    public function __construct(public string $word = '')
    {
    }
}
