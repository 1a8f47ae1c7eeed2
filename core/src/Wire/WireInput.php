<?php

declare(strict_types=1);

namespace YardCask\Core\Wire;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A pair of copper wires to something that takes a current. */
final readonly class WireInput
{
    public const USUAL_DROP = 0.03;

    public function __construct(
        /** One way. */
        public float $lengthM,
        public float $amps,
        public float $volts,
        /** Of the volts, as a fraction, 0 to below 1. */
        public float $maxDrop = self::USUAL_DROP,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $input = new self(
            $in->number('length_m', Range::positive()),
            $in->number('amps', Range::positive()),
            $in->number('volts', Range::positive()),
            $in->number('max_drop', Range::between(0.0001, 0.99), self::USUAL_DROP),
        );
        $in->finish();

        return $input;
    }
}
