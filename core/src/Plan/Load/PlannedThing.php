<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Load;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Something that is fixed in the rig, was weighed with it, and matters to tanks and hoses: a battery, a heater, the spare wheel. */
final readonly class PlannedThing implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('what it is', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('It')]
        public ThingNeed $need,
        #[Measured('its length along the rig', 'Length, along', Kind::Length, Unit::Millimetre, 1, 20000, stage: 'tanks')]
        public float $lengthMm,
        #[Measured('its width across the rig', 'Width, across', Kind::Length, Unit::Millimetre, 1, 6000, stage: 'tanks')]
        public float $widthMm,
        #[Measured('its height', 'Height', Kind::Length, Unit::Millimetre, 1, 5000, stage: 'tanks')]
        public float $heightMm,
        /** Of its middle. */
        #[Measured('its place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20, stage: 'tanks')]
        public float $xM,
        #[Measured('its place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3, stage: 'tanks')]
        public float $yM,
        #[Measured('the height of its underside', 'Underside at', Kind::Length, Unit::Metre, 0, 5, stage: 'tanks')]
        public float $zM,
    ) {
    }

    /** In mm from the rig's origin, its centreline and the ground. */
    public function body(): Box
    {
        return Box::at(
            [1000 * $this->xM - $this->lengthMm / 2, 1000 * $this->yM - $this->widthMm / 2, 1000 * $this->zM],
            [$this->lengthMm, $this->widthMm, $this->heightMm],
        );
    }
}
