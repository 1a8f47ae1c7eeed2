<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\Mass;

/** Who or what comes aboard: its weight and where it sits. */
final readonly class PlannedLoad implements \JsonSerializable
{
    public function __construct(
        public string $id,
        public string $name,
        public float $kg,
        /** Rearward of the rig's origin. */
        public float $xM,
        /** To the right of the centreline. */
        public float $yM,
        /** Above the ground, or above the keel of a boat. */
        public float $zM,
    ) {
    }

    public static function read(InputReader $in, PlanIds $ids): self
    {
        $load = new self(
            $ids->read($in),
            $in->text('name', 60),
            PlanFields::number($in, 'kg'),
            PlanFields::number($in, 'x_m'),
            PlanFields::number($in, 'y_m'),
            PlanFields::number($in, 'z_m'),
        );
        $in->finish();

        return $load;
    }

    public function mass(): Mass
    {
        return new Mass($this->name, $this->kg, $this->xM, $this->yM);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'kg' => $this->kg, 'x_m' => $this->xM, 'y_m' => $this->yM, 'z_m' => $this->zM];
    }
}
