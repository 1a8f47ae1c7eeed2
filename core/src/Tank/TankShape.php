<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** The inside of a tank: how high it is and how much lies below a level. */
interface TankShape
{
    /** Height of the lid above the floor, in mm. */
    public function heightMm(): float;

    /** Litres below a level of 0 to heightMm() above the floor; rises with the level. */
    public function litresBelow(float $levelMm): float;
}
