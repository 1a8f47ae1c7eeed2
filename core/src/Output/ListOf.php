<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** What a list consists of: a class that is sent, or `string`, `float` or `bool`. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class ListOf
{
    public function __construct(public string $type)
    {
    }
}
