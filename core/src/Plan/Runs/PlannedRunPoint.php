<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Runs;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A point that a run passes; the last is its end. */
final readonly class PlannedRunPoint implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('what the point is', Text::LONGEST_NAME)]
        public string $name,
        #[Measured('a point’s place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20)]
        public float $xM,
        #[Measured('a point’s place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3)]
        public float $yM,
        #[Measured('a point’s height', 'Height', Kind::Length, Unit::Metre, 0, 5)]
        public float $zM,
    ) {
    }
}
