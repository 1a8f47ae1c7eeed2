<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The tow car, as far as its papers are known. Each known figure can only lower what the trailer may weigh. */
final readonly class Towing
{
    public function __construct(
        #[Measured('the nose limit of the tow bar', 'Nose limit of the tow bar', Kind::Mass, Unit::Kilogram, 10, 2000, 'Tow car')]
        public ?float $barNoseLimitKg = null,
        #[Measured('the nose limit of the tow car', 'Nose limit of the tow car', Kind::Mass, Unit::Kilogram, 10, 2000, 'Tow car')]
        public ?float $carNoseLimitKg = null,
        #[Measured('what the tow car may pull', 'May pull', Kind::Mass, Unit::Kilogram, 100, 40000, 'Tow car')]
        public ?float $towedLimitKg = null,
        /** Car and trailer together. */
        #[Measured('the limit of the whole train', 'Train limit', Kind::Mass, Unit::Kilogram, 200, 60000, 'Tow car')]
        public ?float $trainLimitKg = null,
        #[Measured('what the tow car weighs, loaded', 'Tow car, loaded', Kind::Mass, Unit::Kilogram, 200, 40000, 'Tow car')]
        public ?float $carKg = null,
        #[Measured('the limit of the tow car’s rear axle', 'Its rear axle limit', Kind::Mass, Unit::Kilogram, 100, 20000, 'Tow car')]
        public ?float $carRearLimitKg = null,
        /** Without the trailer. */
        #[Measured('what the tow car’s rear axle carries, loaded', 'Its rear axle, loaded', Kind::Mass, Unit::Kilogram, 50, 20000, 'Tow car')]
        public ?float $carRearKg = null,
        #[Measured('the tow car’s wheelbase', 'Its wheelbase', Kind::Length, Unit::Metre, 1, 8, 'Tow car')]
        public ?float $carWheelbaseM = null,
        #[Measured('from the tow car’s rear axle to the ball', 'Rear axle to ball', Kind::Length, Unit::Metre, 0.1, 4, 'Tow car')]
        public ?float $carBallM = null,
        /** Null where the plan’s units say it. */
        #[Choice('Nose carries', group: 'Tow car')]
        public ?NosePractice $nosePractice = null,
    ) {
    }

    /** Fields that need each other: the train's limit needs the car's weight, and the car's axle limit its lever. */
    public function check(InputReader $in): void
    {
        if (null !== $this->trainLimitKg && null !== $this->carKg && $this->carKg >= $this->trainLimitKg) {
            $in->fail('car_kg', \sprintf('The tow car (%s kg) leaves nothing of the train’s limit (%s kg) for a trailer.', $this->carKg, $this->trainLimitKg));
        }
        if (null !== $this->carRearLimitKg && null !== $this->carRearKg && $this->carRearKg >= $this->carRearLimitKg) {
            $in->fail(
                'car_rear_kg',
                \sprintf(
                    'The tow car’s rear axle carries %s kg, and may carry %s kg: nothing is left for a nose.',
                    $this->carRearKg,
                    $this->carRearLimitKg,
                ),
            );
        }
    }

    /** The nose weight at which the tow car's rear axle reaches its limit: each kilogram on the ball adds 1 + overhang ÷ wheelbase. */
    public function noseLeavesRearKg(): ?float
    {
        return null === $this->carRearLimitKg || null === $this->carRearKg || null === $this->carWheelbaseM || null === $this->carBallM
            ? null : ($this->carRearLimitKg - $this->carRearKg) / (1 + $this->carBallM / $this->carWheelbaseM);
    }

    /** What the trailer may weigh within the train's limit. */
    public function trainLeavesKg(): ?float
    {
        return null === $this->trainLimitKg || null === $this->carKg ? null : $this->trainLimitKg - $this->carKg;
    }
}
