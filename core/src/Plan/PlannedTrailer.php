<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;

/** A single-axled trailer; its origin is the coupling. */
final readonly class PlannedTrailer implements PlannedRig
{
    public function __construct(
        private RigBody $body,
        public float $couplingToBodyM,
        public float $couplingToAxleM,
        public float $trackM,
        public float $grossLimitKg,
        public float $noseLimitKg,
        public float $axleLimitKg,
        public Weighing $whole,
        public Weighing $nose,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = new self(
            RigBody::read($in, RigKind::Trailer),
            PlanFields::number($in, 'coupling_to_body_m'),
            PlanFields::number($in, 'coupling_to_axle_m'),
            PlanFields::number($in, 'track_m'),
            PlanFields::number($in, 'gross_limit_kg'),
            PlanFields::number($in, 'nose_limit_kg'),
            PlanFields::number($in, 'axle_limit_kg'),
            Weighing::read($in),
            Weighing::read($in, 'nose_'),
        );
        $in->finish();
        if (!$in->failed() && $rig->couplingToAxleM > $rig->couplingToBodyM + $rig->body->lengthM) {
            $in->fail('coupling_to_axle_m', \sprintf('The axle (%s m behind the coupling) lies behind the end of the body (%s m).', $rig->couplingToAxleM, $rig->couplingToBodyM + $rig->body->lengthM));
        }
        if (!$in->failed() && $rig->nose->kg() > $rig->whole->kg()) {
            $in->fail(null === $rig->nose->weighedKg ? 'nose_estimated_kg' : 'nose_weighed_kg', \sprintf('The nose (%s kg) cannot weigh more than the whole trailer (%s kg).', $rig->nose->kg(), $rig->whole->kg()));
        }

        return $rig;
    }

    public function body(): RigBody
    {
        return $this->body;
    }

    public function bodyFromM(): float
    {
        return $this->couplingToBodyM;
    }

    public function isWeighed(): bool
    {
        return null !== $this->whole->weighedKg && null !== $this->nose->weighedKg;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['kind' => RigKind::Trailer] + $this->body->keys() + [
            'coupling_to_body_m' => $this->couplingToBodyM, 'coupling_to_axle_m' => $this->couplingToAxleM, 'track_m' => $this->trackM,
            'gross_limit_kg' => $this->grossLimitKg, 'nose_limit_kg' => $this->noseLimitKg, 'axle_limit_kg' => $this->axleLimitKg,
        ] + $this->whole->keys() + $this->nose->keys('nose_');
    }
}
