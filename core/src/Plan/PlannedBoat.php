<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;

/** A boat; its origin is amidships. */
final readonly class PlannedBoat implements PlannedRig
{
    public function __construct(
        private RigBody $body,
        public float $displacementKg,
        public float $gmM,
        public float $loadLimitKg,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = new self(
            RigBody::read($in, RigKind::Boat),
            PlanFields::number($in, 'displacement_kg'),
            PlanFields::number($in, 'gm_m'),
            PlanFields::number($in, 'load_limit_kg'),
        );
        $in->finish();

        return $rig;
    }

    public function body(): RigBody
    {
        return $this->body;
    }

    public function bodyFromM(): float
    {
        return -$this->body->lengthM / 2;
    }

    public function isWeighed(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['kind' => RigKind::Boat] + $this->body->keys() + ['displacement_kg' => $this->displacementKg, 'gm_m' => $this->gmM, 'load_limit_kg' => $this->loadLimitKg];
    }
}
