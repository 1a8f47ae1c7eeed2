<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;

/** The outside of a rig, as far as it is needed to draw it and to keep things inside. */
final readonly class RigBody
{
    public function __construct(
        public BodyStyle $style,
        public float $lengthM,
        public float $widthM,
        public float $heightM,
        /** Height of the inside floor above the ground, or above the keel of a boat. */
        public float $floorM,
    ) {
    }

    public static function read(InputReader $in, RigKind $kind): self
    {
        return new self(
            $in->choice('body', BodyStyle::of($kind)),
            PlanFields::number($in, 'length_m'),
            PlanFields::number($in, 'width_m'),
            PlanFields::number($in, 'height_m'),
            PlanFields::number($in, 'floor_m'),
        );
    }

    /** @return array<string, mixed> */
    public function keys(): array
    {
        return ['body' => $this->style, 'length_m' => $this->lengthM, 'width_m' => $this->widthM, 'height_m' => $this->heightM, 'floor_m' => $this->floorM];
    }
}
