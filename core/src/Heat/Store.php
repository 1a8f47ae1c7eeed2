<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Water that is warmed in a store. */
final readonly class Store
{
    public function __construct(
        public float $litres,
        public float $fromC,
        /** At least what it has. */
        public float $toC,
        public float $watts,
        /** How much of the power goes into the water, to 1. */
        public float $efficiency,
        /** Of the battery that feeds it, if one does. */
        public ?float $batteryV,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $part = new self(
            $in->number('litres', Range::notNegative()),
            $in->number('from_c', Range::between(0, 100)),
            $in->number('to_c', Range::between(0, 100)),
            $in->number('watts', Range::positive()),
            $in->number('efficiency', Range::between(0.01, 1), 1.0),
            $in->optionalNumber('battery_v', Range::positive()),
        );
        if (!$in->failed() && $part->toC < $part->fromC) {
            $in->fail('to_c', \sprintf('It is to be warmed to %s °C, and has %s °C already.', $part->toC, $part->fromC));
        }
        $in->finish();

        return $part;
    }
}
