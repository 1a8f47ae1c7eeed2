<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A shower that mixes stored hot water with cold. */
final readonly class Shower
{
    public function __construct(
        public float $storedL,
        public float $storedC,
        public float $coldC,
        public float $mixedC,
        public float $flowLpm,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $part = new self(
            $in->number('stored_l', Range::notNegative()),
            $in->number('stored_c', Range::between(0, 100)),
            $in->number('cold_c', Range::between(0, 100)),
            $in->number('mixed_c', Range::between(0, 100)),
            $in->number('flow_lpm', Range::positive()),
        );
        $in->finish();

        return $part;
    }

    /** Whether hot and cold can make what is wanted. */
    public function canMix(): bool
    {
        return $this->storedC > $this->mixedC && $this->coldC < $this->mixedC;
    }
}
