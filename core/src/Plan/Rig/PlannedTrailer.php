<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A trailer of one axle or a few together; its origin is the coupling. What tows it is known only as far as its papers are entered. */
#[Tag('kind', RigKind::Trailer)]
final readonly class PlannedTrailer implements PlannedRig, Checked
{
    use WrittenAsDeclared;

    public const MOST_AXLES = 3;

    /** @param list<PlannedTrailerAxle> $axles in their order along the trailer */
    public function __construct(
        #[Choice('Outline', [BodyOutline::Trailer])]
        public BodyOutline $body,
        #[Choice('Built', group: 'Weighbridge')]
        public Build $build,
        #[Inline]
        public RigSizes $sizes,
        #[Measured('the distance from coupling to body', 'Coupling to body', Kind::Length, Unit::Metre, 0, 5, 'Tape')]
        public float $couplingToBodyM,
        #[Measured('the gross limit', 'Gross limit', Kind::Mass, Unit::Kilogram, 100, 40000, 'Plate', 'estimated_kg')]
        public float $grossLimitKg,
        #[Measured('the nose limit', 'Nose limit of the coupling', Kind::Mass, Unit::Kilogram, 10, 2000, 'Plate', 'nose_limit_kg')]
        public float $noseLimitKg,
        /** One, or those that carry together. */
        #[Parts(PlannedTrailerAxle::class, self::MOST_AXLES, 1)]
        public array $axles,
        #[Inline(word: 'whole')]
        public Weighing $whole,
        #[Inline(prefix: 'nose_', word: 'nose')]
        public Weighing $nose,
        #[YesNo('The tanks were in, empty', 'Weighbridge')]
        public bool $weighedWithTanks,
        #[Choice('The line then was', group: 'Weighbridge')]
        public LineThen $weighedWithLine,
        #[Inline]
        public Towing $towing = new Towing(),
        #[Inline]
        public RoadMovement $movement = new RoadMovement(),
    ) {
    }

    public function kind(): RigKind
    {
        return RigKind::Trailer;
    }

    public function movement(): RoadMovement
    {
        return $this->movement->on($this->body);
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

    public function axle(): AxleGroup
    {
        $sizes = array_map(static fn (PlannedTrailerAxle $axle): AxleSizes => $axle->sizes, $this->axles);

        return [] === $sizes ? throw new \LogicException('A trailer has an axle.') : AxleGroup::of($sizes);
    }

    public function check(InputReader $in): void
    {
        $this->axle()->check($in);
        $this->towing->check($in);
        $endM = $this->couplingToBodyM + $this->sizes->lengthM;
        foreach ($this->axles as $index => $axle) {
            if ($axle->sizes->xM > $endM) {
                $in->fail(
                    'axles/'.$index.'/x_m',
                    \sprintf('The axle (%s m behind the coupling) is behind the end of the body (%s m).', $axle->sizes->xM, $endM),
                );
            } elseif ($axle->sizes->xM < 0.5) {
                $in->fail('axles/'.$index.'/x_m', \sprintf('%s m behind the coupling: an axle is at least 0.5 m from the coupling.', $axle->sizes->xM));
            }
        }
        if ($this->whole->kg() < 0) {
            $in->fail($this->whole->key(), \sprintf('%s kg is too little: a trailer must weigh more than 0 kg.', $this->whole->kg()));
        } elseif ($this->nose->kg() > $this->whole->kg()) {
            $in->fail(
                'nose_'.$this->nose->key(),
                \sprintf('The nose (%s kg) cannot weigh more than the whole trailer (%s kg).', $this->nose->kg(), $this->whole->kg()),
            );
        }
    }
}
