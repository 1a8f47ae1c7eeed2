<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A van, bus or pick-up; its origin is the front axle. */
#[Tag('kind', RigKind::Road)]
final readonly class PlannedRoadRig implements PlannedRig, Checked
{
    use WrittenAsDeclared;

    public function __construct(
        #[Choice('Outline', [BodyOutline::Van, BodyOutline::Bus, BodyOutline::Pickup])]
        public BodyOutline $body,
        #[Choice('Built', group: 'Weighbridge')]
        public Build $build,
        #[Inline]
        public RigSizes $sizes,
        #[Measured('the overhang before the front axle', 'Front overhang', Kind::Length, Unit::Metre, 0, 3, 'Tape')]
        public float $frontOverhangM,
        #[Measured('the wheelbase', 'Wheelbase', Kind::Length, Unit::Metre, 1, 10, 'Tape')]
        public float $wheelbaseM,
        #[Measured('the track', 'Track', Kind::Length, Unit::Metre, 0.5, 3, 'Tape')]
        public float $trackM,
        #[Measured('the gross limit', 'Gross limit', Kind::Mass, Unit::Kilogram, 100, 40000, 'Plate', 'gross_limit_kg')]
        public float $grossLimitKg,
        #[Part('front axle')]
        public PlannedAxle $front,
        #[Part('rear axle')]
        public PlannedAxle $rear,
        #[YesNo('The driver was aboard then', 'Weighbridge')]
        public bool $weighedWithDriver,
        #[YesNo('The tanks were in, empty', 'Weighbridge')]
        public bool $weighedWithTanks,
        /** From 0 to 1 of a full fuel tank. */
        #[Measured('the fuel aboard when weighed', 'Fuel then', Kind::Share, Unit::Fraction, 0, 1, 'Weighbridge')]
        public float $weighedFuel,
        #[Measured('what a full fuel tank weighs', 'Fuel, full', Kind::Mass, Unit::Kilogram, 0, 1000, 'Weighbridge')]
        public float $fuelKg,
    ) {
    }

    public function kind(): RigKind
    {
        return RigKind::Road;
    }

    public function sizes(): RigSizes
    {
        return $this->sizes;
    }

    public function bodyFromM(): float
    {
        return -$this->frontOverhangM;
    }

    public function stowFromM(): float
    {
        return $this->bodyFromM();
    }

    public function check(InputReader $in): void
    {
        if ($this->frontOverhangM + $this->wheelbaseM > $this->sizes->lengthM) {
            $in->fail('wheelbase_m', \sprintf('Overhang (%s m) and wheelbase (%s m) together are longer than the rig (%s m).', $this->frontOverhangM, $this->wheelbaseM, $this->sizes->lengthM));
        }
    }
}
