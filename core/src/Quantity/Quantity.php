<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** A number with its unit. */
final readonly class Quantity
{
    private function __construct(
        public float $value,
        public Unit $unit,
    ) {
    }

    public static function of(float $value, Unit $unit): self
    {
        return new self($value, $unit);
    }

    /**
     * The same quantity as a number of $unit, which must be of a kind that takes this one.
     *
     * @throws \LogicException when the two units measure different things
     */
    public function in(Unit $unit): float
    {
        return $unit === $this->unit ? $this->value : Conversion::between($this->unit, $unit)->of($this->value);
    }

    public function to(Unit $unit): self
    {
        return new self($this->in($unit), $unit);
    }
}
