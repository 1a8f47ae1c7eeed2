<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** The sum behind a figure: the formula in words, what went into it, and where it comes from. */
final readonly class Sum implements \JsonSerializable
{
    /** @param list<SumInput> $inputs */
    public function __construct(
        public string $formula,
        public array $inputs,
        public string $source,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['formula' => $this->formula, 'inputs' => $this->inputs, 'source' => $this->source];
    }
}
