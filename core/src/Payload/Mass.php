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

    /**
     * One mass that weighs what several do and has their centre, so that every moment is the same; none for what weighs nothing.
     *
     * @param list<self> $masses
     *
     * @return list<self>
     */
    public static function together(string $name, array $masses): array
    {
        $kg = $alongKgM = $acrossKgM = 0.0;
        foreach ($masses as $mass) {
            $kg += $mass->kg;
            $alongKgM += $mass->kg * $mass->xM;
            $acrossKgM += $mass->kg * $mass->yM;
        }

        return $kg > 0 ? [new self($name, $kg, $alongKgM / $kg, $acrossKgM / $kg)] : [];
    }
}
