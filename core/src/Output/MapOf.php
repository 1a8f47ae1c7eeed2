<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** What stands under each key of an object whose keys are data. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class MapOf
{
    public function __construct(public string $type)
    {
    }
}
