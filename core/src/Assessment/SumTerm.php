<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Amount;

/** One number that goes into a sum, by the symbol that stands for it: another figure, a field of the plan, or a number that is named. */
final readonly class SumTerm
{
    private function __construct(
        public string $symbol,
        /** Empty for a figure under its own label. */
        public string $label,
        /** Null for a figure, which has its own. */
        public ?Amount $amount,
        public ?string $figure = null,
        public ?string $pointer = null,
        public bool $isAssumed = false,
        public bool $isFound = false,
    ) {
    }

    /** Another figure, of this stage or of any, under its own label or a shorter one. */
    public static function figure(string $symbol, string $id, string $label = ''): self
    {
        return new self($symbol, $label, null, figure: $id);
    }

    public static function field(string $symbol, string $label, Amount $amount, string $pointer): self
    {
        return new self($symbol, $label, $amount, pointer: $pointer);
    }

    public static function constant(string $symbol, string $label, Amount $amount): self
    {
        return new self($symbol, $label, $amount);
    }

    /** An assumption, where the plan says nothing. */
    public static function assumed(string $symbol, string $label, Amount $amount): self
    {
        return new self($symbol, $label, $amount, isAssumed: true);
    }

    /** The result of a search or of the line’s solver, which no short sum gives. */
    public static function found(string $symbol, string $label, Amount $amount): self
    {
        return new self($symbol, $label, $amount, isFound: true);
    }
}
