<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** The numbers that are allowed at one place. Beyond 1e9 no figure of this trade is meant. */
final readonly class Range
{
    private const FAR = 1e9;

    private function __construct(
        public float $min,
        public float $max,
        public bool $aboveMin,
    ) {
    }

    public static function any(): self
    {
        return new self(-self::FAR, self::FAR, false);
    }

    public static function positive(): self
    {
        return new self(0.0, self::FAR, true);
    }

    public static function notNegative(): self
    {
        return new self(0.0, self::FAR, false);
    }

    public static function between(float $min, float $max): self
    {
        return new self($min, $max, false);
    }

    public function holds(float $value): bool
    {
        return $value <= $this->max && ($this->aboveMin ? $value > $this->min : $value >= $this->min);
    }

    /** “more than 0”, “from 0 to 1”. */
    public function describe(): string
    {
        return match (true) {
            self::FAR === $this->max && -self::FAR === $this->min => 'a number of ordinary size',
            self::FAR === $this->max => ($this->aboveMin ? 'more than ' : 'at least ').$this->min.' and of ordinary size',
            $this->aboveMin => \sprintf('more than %s, up to %s', $this->min, $this->max),
            default => \sprintf('from %s to %s', $this->min, $this->max),
        };
    }
}
