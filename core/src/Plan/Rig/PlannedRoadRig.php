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

/** A van, bus or pick-up; its origin is the front axle. */
#[Tag('kind', RigKind::Road)]
final readonly class PlannedRoadRig implements PlannedRig, Checked
{
    use WrittenAsDeclared;

    public const LEAST_AXLES = 2;
    public const MOST_AXLES = 4;
    /** How far tickets of the same rig may differ before one of them must be wrong. */
    private const TICKETS_AGREE = 0.03;

    /** The axles behind the first; null if there are none, and such a plan is refused. */
    private ?AxleGroup $rear;

    /** @param list<PlannedAxle> $axles in their order along the rig */
    public function __construct(
        #[Choice('Outline', [BodyOutline::Van, BodyOutline::Bus, BodyOutline::Pickup])]
        public BodyOutline $body,
        #[Choice('Built', group: 'Weighbridge')]
        public Build $build,
        #[Inline]
        public RigSizes $sizes,
        #[Measured('the overhang before the front axle', 'Front overhang', Kind::Length, Unit::Metre, 0, 3, 'Tape')]
        public float $frontOverhangM,
        #[Measured('the gross limit', 'Gross limit', Kind::Mass, Unit::Kilogram, 100, 40000, 'Plate', 'gross_limit_kg')]
        public float $grossLimitKg,
        /** The first steers and is the rig's origin; those behind it carry together. */
        #[Parts(PlannedAxle::class, self::MOST_AXLES, self::LEAST_AXLES)]
        public array $axles,
        #[YesNo('The driver was aboard then', 'Weighbridge')]
        public bool $weighedWithDriver,
        #[YesNo('The tanks were in, empty', 'Weighbridge')]
        public bool $weighedWithTanks,
        #[Choice('The line then was', group: 'Weighbridge')]
        public LineThen $weighedWithLine,
        /** From 0 to 1 of a full fuel tank. */
        #[Measured('the fuel aboard when weighed', 'Fuel then', Kind::Share, Unit::Fraction, 0, 1, 'Weighbridge')]
        public float $weighedFuel,
        #[Measured('what a full fuel tank weighs', 'Fuel, full', Kind::Mass, Unit::Kilogram, 0, 1000, 'Weighbridge')]
        public float $fuelKg,
        /** All axles on the scale at once. */
        #[Measured('the whole rig, weighed', 'Whole rig, weighed', Kind::Mass, Unit::Kilogram, 100, 60000, 'Weighbridge')]
        public ?float $wholeWeighedKg = null,
        #[Inline]
        public RoadMovement $movement = new RoadMovement(),
    ) {
        $sizes = array_map(static fn (PlannedAxle $axle): AxleSizes => $axle->sizes, $axles);
        unset($sizes[0]);
        $this->rear = [] === $sizes ? null : AxleGroup::of($sizes);
    }

    public function kind(): RigKind
    {
        return RigKind::Road;
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
        return -$this->frontOverhangM;
    }

    public function stowFromM(): float
    {
        return $this->bodyFromM();
    }

    public function front(): AxleGroup
    {
        return AxleGroup::of([$this->axles[0]->sizes]);
    }

    /** The axles behind the first. */
    public function rear(): AxleGroup
    {
        return $this->rear ?? throw new \LogicException('A vehicle has at least two axles.');
    }

    /** From the first axle to where those behind it carry, in m. */
    public function wheelbaseM(): float
    {
        return $this->rear()->xM;
    }

    /** The narrowest, in m: on it a weight to one side tells most. */
    public function trackM(): float
    {
        return min($this->axles[0]->sizes->trackM, ...array_map(static fn (PlannedAxle $axle): float => $axle->sizes->trackM, $this->axles));
    }

    /** Of the first axle: read, or what a ticket of the whole leaves beside the others. */
    public function frontWeighing(): Weighing
    {
        return $this->completed($this->axles[0]->weighing, $this->together());
    }

    /** Of those behind it, together. */
    public function rearWeighing(): Weighing
    {
        return $this->completed($this->together(), $this->axles[0]->weighing);
    }

    /** Whether only the whole has been read, which estimates then share out. */
    public function isOnlyWholeWeighed(): bool
    {
        return null !== $this->wholeWeighedKg && !$this->axles[0]->weighing->isWeighed() && !$this->together()->isWeighed();
    }

    private function together(): Weighing
    {
        $weighings = array_map(static fn (PlannedAxle $axle): Weighing => $axle->weighing, \array_slice($this->axles, 1));
        $kg = array_sum(array_map(static fn (Weighing $one): float => $one->kg(), $weighings));
        $allWeighed = [] === array_filter($weighings, static fn (Weighing $one): bool => !$one->isWeighed());

        return new Weighing($allWeighed ? $kg : null, $kg);
    }

    private function completed(Weighing $one, Weighing $other): Weighing
    {
        return null !== $this->wholeWeighedKg && $other->isWeighed() && !$one->isWeighed()
            ? new Weighing($this->wholeWeighedKg - $other->kg(), $one->estimatedKg)
            : $one;
    }

    public function check(InputReader $in): void
    {
        if (0.0 !== $this->axles[0]->sizes->xM) {
            $in->fail('axles/0/x_m', \sprintf('%s m: places are measured from the first axle, so it is at 0.', $this->axles[0]->sizes->xM));
        }
        $rear = $this->rear();
        $rear->check($in);
        foreach ($rear->axles() as $index => $axle) {
            if ($axle->xM < 1) {
                $in->fail('axles/'.$index.'/x_m', \sprintf('%s m behind the front axle: a wheelbase is at least 1 m.', $axle->xM));
            } elseif ($this->frontOverhangM + $axle->xM > $this->sizes->lengthM) {
                $in->fail(
                    'axles/'.$index.'/x_m',
                    \sprintf(
                        'Overhang (%s m) and wheelbase (%s m) together are longer than the rig (%s m).',
                        $this->frontOverhangM,
                        $axle->xM,
                        $this->sizes->lengthM,
                    ),
                );
            }
        }
        $this->checkTickets($in);
    }

    private function checkTickets(InputReader $in): void
    {
        $axlesKg = $this->frontWeighing()->kg() + $this->rearWeighing()->kg();
        if ($this->frontWeighing()->kg() < 0 || $this->rearWeighing()->kg() < 0) {
            $in->fail('whole_weighed_kg', \sprintf('The whole (%s kg) cannot weigh less than one of its axles.', $this->wholeWeighedKg));
        } elseif (
            null !== $this->wholeWeighedKg
            && !$this->isOnlyWholeWeighed()
            && abs($axlesKg - $this->wholeWeighedKg) > self::TICKETS_AGREE * $this->wholeWeighedKg
        ) {
            $in->fail(
                'whole_weighed_kg',
                \sprintf('The axles together weigh %s kg, and the whole %s kg: one of the tickets is wrong.', $axlesKg, $this->wholeWeighedKg),
            );
        }
    }
}
