<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** The sum behind a figure: the formula in words, what went into it, and where it comes from. */
final readonly class Sum implements Sent
{
    /** @param list<SumInput> $inputs */
    public function __construct(
        public string $formula,
        #[ListOf(SumInput::class)]
        public array $inputs,
        public string $source,
    ) {
    }
}
