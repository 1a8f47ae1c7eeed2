<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/**
 * Something in a bay that no tank can go through, as a box: a wheel arch, a cross member, a linkage. Its place is taped from the bay's front, left
 * side and floor.
 */
final readonly class PlannedObstruction implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('what is in the way', Text::LONGEST_NAME)]
        public string $name,
        #[Measured('where it begins behind the bay’s front', 'From the front', Kind::Length, Unit::Millimetre, -5000, 20000)]
        public float $xMm,
        #[Measured('where it begins right of the bay’s left side', 'From the left', Kind::Length, Unit::Millimetre, -5000, 6000)]
        public float $yMm,
        #[Measured('where it begins above the bay’s floor', 'Above the floor', Kind::Length, Unit::Millimetre, -2000, 5000)]
        public float $zMm,
        #[Measured('its length along the rig', 'Length, along', Kind::Length, Unit::Millimetre, 1, 20000)]
        public float $lengthMm,
        #[Measured('its width across the rig', 'Width, across', Kind::Length, Unit::Millimetre, 1, 6000)]
        public float $widthMm,
        #[Measured('its height', 'Height', Kind::Length, Unit::Millimetre, 1, 5000)]
        public float $heightMm,
    ) {
    }

    /** In mm from the bay's corner. */
    public function body(): Box
    {
        return Box::at([$this->xMm, $this->yMm, $this->zMm], [$this->lengthMm, $this->widthMm, $this->heightMm]);
    }
}
