<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank that is drawn on the way from full to used up. */
final readonly class PassageTank
{
    public function __construct(
        public LoadedTank $tank,
        /** How full it starts, from 0 to 1. */
        public float $startFraction = 1.0,
        /** Below the outlet: aboard, never used. */
        public float $undrawableL = 0.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $tank = new self(
            LoadedTank::readOpen($in),
            $in->number('start_fraction', Range::between(0, 1), 1.0),
            $in->number('undrawable_l', Range::notNegative(), 0.0),
        );
        if (!$in->failed() && $tank->undrawableL > $tank->tank->litres) {
            $in->fail('undrawable_l', \sprintf('More lies below the outlet (%s L) than the tank holds (%s L).', $tank->undrawableL, $tank->tank->litres));
        }
        $in->finish();

        return $tank;
    }

    public function startL(): float
    {
        return $this->startFraction * $this->tank->litres;
    }

    public function drawableL(): float
    {
        return max(0.0, $this->startL() - $this->undrawableL);
    }
}
