<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Load;

use YardCask\Core\Payload\Mass;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What comes aboard besides people and water: its weight and where it is stowed. */
final readonly class PlannedLoad implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('what it is', Text::LONGEST_NAME)]
        public string $name,
        #[Measured('what a load weighs', 'Weighs', Kind::Mass, Unit::Kilogram, 0, 5000)]
        public float $kg,
        /** Rearward of the rig's origin. */
        #[Measured('a load’s place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20)]
        public float $xM,
        /** To the right of the centreline. */
        #[Measured('a load’s place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3)]
        public float $yM,
        /** Above the ground, or above the keel of a boat. */
        #[Measured('a load’s height', 'Height', Kind::Length, Unit::Metre, 0, 5)]
        public float $zM,
    ) {
    }

    public function mass(): Mass
    {
        return new Mass($this->name, $this->kg, $this->xM, $this->yM);
    }
}
