<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** The name of something in the catalogue: the sizes in it are written in the plan's units, nominal bores as they are sold. */
final readonly class CatalogueName
{
    public function __construct(public string $name)
    {
    }
}
