<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** An object of one of several classes, told apart by their tag. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Variants implements Field
{
    /** @param non-empty-list<class-string> $classes each with a Tag */
    public function __construct(public array $classes)
    {
    }
}
