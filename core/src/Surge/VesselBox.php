<?php

declare(strict_types=1);

namespace YardCask\Core\Surge;

/** A part of a closed vessel between two upright planes, with a level floor and lid. Lengths in m. */
final readonly class VesselBox
{
    public function __construct(
        /** Along the vessel, from its high end. */
        public float $fromM,
        public float $toM,
        public float $widthM,
        public float $floorM,
        public float $topM,
    ) {
    }
}
