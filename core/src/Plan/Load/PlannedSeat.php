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

/** A seat, and what the person weighs who sits there on the road, with clothes and a bag. */
final readonly class PlannedSeat implements PlanPart
{
    use WrittenAsDeclared;

    /** A grown person with clothes and a bag, while nobody has said otherwise. */
    public const PERSON_KG = 80.0;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('whose seat it is', Text::LONGEST_NAME)]
        public string $name,
        #[Measured('what a person weighs', 'Weighs', Kind::Mass, Unit::Kilogram, 0, 300)]
        public float $kg,
        #[Measured('a seat’s place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20)]
        public float $xM,
        #[Measured('a seat’s place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3)]
        public float $yM,
        #[Measured('the height of a seat', 'Height', Kind::Length, Unit::Metre, 0, 5)]
        public float $zM,
    ) {
    }

    public function mass(): Mass
    {
        return new Mass($this->name, $this->kg, $this->xM, $this->yM);
    }
}
