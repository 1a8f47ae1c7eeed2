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
        if ($unit === $this->unit) {
            return $this->value;
        }
        if ($unit->kind() === $this->unit->kind() && 0.0 === $unit->offset() && 0.0 === $this->unit->offset()) {
            return $this->value * $this->unit->factor() / $unit->factor();
        }
        $minutesPerBase = static fn (Unit $u): float => Kind::Days === $u->kind() ? 1440.0 : 1.0;
        $comparable = $unit->kind()->takes($this->unit->kind()) || $this->unit->kind()->takes($unit->kind());
        if (!$comparable) {
            throw new \LogicException(\sprintf('%s cannot be given in %s.', $this->unit->value, $unit->value));
        }
        $base = ($this->value - $this->unit->offset()) * $this->unit->factor() * $minutesPerBase($this->unit);

        return $base / ($unit->factor() * $minutesPerBase($unit)) + $unit->offset();
    }

    public function to(Unit $unit): self
    {
        return new self($this->in($unit), $unit);
    }
}
