<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The outside of a rig, as far as it is needed to draw it and to keep things inside. */
final readonly class RigSizes
{
    public function __construct(
        #[Measured('the rig’s length', 'Length', Kind::Length, Unit::Metre, 1, 20, 'Tape')]
        public float $lengthM,
        #[Measured('the rig’s width', 'Width', Kind::Length, Unit::Metre, 0.5, 6, 'Tape')]
        public float $widthM,
        #[Measured('the rig’s height', 'Height', Kind::Length, Unit::Metre, 0.5, 5, 'Tape')]
        public float $heightM,
        /** Above the ground, or above the keel of a boat. */
        #[Measured('the height of the floor', '{Floor}', Kind::Length, Unit::Metre, 0, 2, 'Tape')]
        public float $floorM,
        /** The wall before the living space. */
        #[Measured('the place of the bulkhead', 'Bulkhead, {along}', Kind::Length, Unit::Metre, -10, 20, 'Tape')]
        public ?float $bulkheadM = null,
        /** The widest way in that a tank can take. */
        #[Measured('how wide the largest door is', 'Largest door, wide', Kind::Length, Unit::Millimetre, 100, 5000, 'Tape')]
        public ?float $doorWidthMm = null,
        #[Measured('how high the largest door is', 'Largest door, high', Kind::Length, Unit::Millimetre, 100, 5000, 'Tape')]
        public ?float $doorHeightMm = null,
    ) {
    }
}
