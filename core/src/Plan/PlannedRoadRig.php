<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;

/** A van, bus or pick-up; its origin is the front axle. */
final readonly class PlannedRoadRig implements PlannedRig
{
    public function __construct(
        private RigBody $body,
        public float $frontOverhangM,
        public float $wheelbaseM,
        public float $trackM,
        public float $grossLimitKg,
        public PlannedAxle $front,
        public PlannedAxle $rear,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = new self(
            RigBody::read($in, RigKind::Road),
            PlanFields::number($in, 'front_overhang_m'),
            PlanFields::number($in, 'wheelbase_m'),
            PlanFields::number($in, 'track_m'),
            PlanFields::number($in, 'gross_limit_kg'),
            PlannedAxle::read($in->object('front')),
            PlannedAxle::read($in->object('rear')),
        );
        $in->finish();
        if (!$in->failed() && $rig->frontOverhangM + $rig->wheelbaseM > $rig->body->lengthM) {
            $in->fail('wheelbase_m', \sprintf('Overhang (%s m) and wheelbase (%s m) together are longer than the rig (%s m).', $rig->frontOverhangM, $rig->wheelbaseM, $rig->body->lengthM));
        }

        return $rig;
    }

    public function body(): RigBody
    {
        return $this->body;
    }

    public function bodyFromM(): float
    {
        return -$this->frontOverhangM;
    }

    public function isWeighed(): bool
    {
        return null !== $this->front->weighing->weighedKg && null !== $this->rear->weighing->weighedKg;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['kind' => RigKind::Road] + $this->body->keys() + [
            'front_overhang_m' => $this->frontOverhangM, 'wheelbase_m' => $this->wheelbaseM, 'track_m' => $this->trackM,
            'gross_limit_kg' => $this->grossLimitKg, 'front' => $this->front, 'rear' => $this->rear,
        ];
    }
}
