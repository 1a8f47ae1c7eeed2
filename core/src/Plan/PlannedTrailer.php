<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A single-axled trailer; its origin is the coupling. */
#[Tag('kind', RigKind::Trailer)]
final readonly class PlannedTrailer implements PlannedRig, Checked
{
    use WrittenAsDeclared;

    public function __construct(
        #[Choice('Outline', [BodyOutline::Trailer])]
        public BodyOutline $body,
        #[Choice('Built', group: 'Weighbridge')]
        public Build $build,
        #[Inline]
        public RigSizes $sizes,
        #[Measured('the distance from coupling to body', 'Coupling to body', Kind::Length, Unit::Metre, 0, 5, 'Tape')]
        public float $couplingToBodyM,
        #[Measured('the distance from coupling to axle', 'Coupling to axle', Kind::Length, Unit::Metre, 0.5, 12, 'Tape')]
        public float $couplingToAxleM,
        #[Measured('the track', 'Track', Kind::Length, Unit::Metre, 0.5, 3, 'Tape')]
        public float $trackM,
        #[Measured('the gross limit', 'Gross limit', Kind::Mass, Unit::Kilogram, 100, 40000, 'Plate', 'estimated_kg')]
        public float $grossLimitKg,
        #[Measured('the nose limit', 'Nose limit', Kind::Mass, Unit::Kilogram, 10, 2000, 'Plate', 'nose_limit_kg')]
        public float $noseLimitKg,
        #[Measured('the axle’s limit', 'Axle limit', Kind::Mass, Unit::Kilogram, 50, 20000, 'Plate', 'estimated_kg')]
        public float $axleLimitKg,
        #[Inline(word: 'whole')]
        public Weighing $whole,
        #[Inline(prefix: 'nose_', word: 'nose')]
        public Weighing $nose,
        #[YesNo('The tanks were in, empty', 'Weighbridge')]
        public bool $weighedWithTanks,
        /** Of one wheel: as its side wall says, at the pressure it has. */
        #[Measured('what one tyre may carry', 'Tyres, each', Kind::Mass, Unit::Kilogram, 50, 10000, 'Plate')]
        public ?float $tyreKg = null,
    ) {
    }

    public function kind(): RigKind
    {
        return RigKind::Trailer;
    }

    public function sizes(): RigSizes
    {
        return $this->sizes;
    }

    public function bodyFromM(): float
    {
        return $this->couplingToBodyM;
    }

    public function stowFromM(): float
    {
        return 0.0;
    }

    public function check(InputReader $in): void
    {
        if ($this->couplingToAxleM > $this->couplingToBodyM + $this->sizes->lengthM) {
            $in->fail('coupling_to_axle_m', \sprintf('The axle (%s m behind the coupling) lies behind the end of the body (%s m).', $this->couplingToAxleM, $this->couplingToBodyM + $this->sizes->lengthM));
        }
        if ($this->whole->kg() < 0) {
            $in->fail($this->whole->key(), \sprintf('%s kg: a trailer weighs something.', $this->whole->kg()));
        } elseif ($this->nose->kg() > $this->whole->kg()) {
            $in->fail('nose_'.$this->nose->key(), \sprintf('The nose (%s kg) cannot weigh more than the whole trailer (%s kg).', $this->nose->kg(), $this->whole->kg()));
        }
    }
}
