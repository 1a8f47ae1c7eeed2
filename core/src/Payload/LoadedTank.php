<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank as a load: litres when full at 1.000 kg/L, its own weight, and where both act. */
final readonly class LoadedTank
{
    public function __construct(
        public string $name,
        public float $litres,
        public float $emptyKg,
        public float $xM,
        public float $yM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $tank = self::readOpen($in);
        $in->finish();

        return $tank;
    }

    /** Reads the keys that every tank has and leaves the reader open for more. */
    public static function readOpen(InputReader $in): self
    {
        return new self(
            $in->text('name', 200),
            $in->number('litres', Range::notNegative()),
            $in->number('empty_kg', Range::notNegative()),
            $in->number('x_m', Range::any()),
            $in->number('y_m', Range::any()),
        );
    }

    public function fullKg(): float
    {
        return $this->emptyKg + $this->litres;
    }

    /** The same tank with other litres in it. */
    public function holding(float $litres): self
    {
        return new self($this->name, $litres, $this->emptyKg, $this->xM, $this->yM);
    }
}
