<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Something that is loaded, where its weight acts: x_m rearward of the rig's origin, y_m to the right of the centreline. */
final readonly class Mass
{
    public function __construct(
        public string $name,
        public float $kg,
        public float $xM,
        public float $yM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $mass = new self($in->text('name', 200), $in->number('kg', Range::notNegative()), $in->number('x_m', Range::any()), $in->number('y_m', Range::any()));
        $in->finish();

        return $mass;
    }
}
