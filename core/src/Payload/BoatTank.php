<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank in a boat; while it is slack its water runs to the low side. */
final readonly class BoatTank
{
    public function __construct(
        public LoadedTank $tank,
        /** Free surface along the boat, in m. */
        public float $lengthM,
        /** Free surface athwart, in m. */
        public float $widthM,
        /** Neither empty nor pressed full. */
        public bool $slack = true,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $tank = new self(
            LoadedTank::readOpen($in),
            $in->number('length_m', Range::notNegative()),
            $in->number('width_m', Range::notNegative()),
            $in->boolean('slack', true),
        );
        $in->finish();

        return $tank;
    }
}
