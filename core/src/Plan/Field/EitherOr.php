<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** On a class: either all of the one keys are given or all of the other, not both. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class EitherOr
{
    /**
     * @param non-empty-list<string> $either
     * @param non-empty-list<string> $or
     */
    public function __construct(
        public array $either,
        public array $or,
    ) {
    }
}
