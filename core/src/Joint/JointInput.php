<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Input\InputReader;

/** Two ends that somebody wants to put together. */
final readonly class JointInput
{
    public function __construct(
        public End $a,
        public End $b,
        /** Whether water stands under pressure there; in a fill, a vent or a waste hose it does not. */
        public bool $isUnderPressure = true,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $input = new self(End::read($in->object('a')), End::read($in->object('b')), $in->boolean('pressure', true));
        $in->finish();

        return $input;
    }
}
