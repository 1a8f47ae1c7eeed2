<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Tank\BoxShape;
use YardCask\Core\Tank\TankInput;

/** A box-shaped tank or can: its inner sizes, its fittings' heights, and where its middle stands. */
final readonly class PlannedTank implements \JsonSerializable
{
    public function __construct(
        public string $id,
        public string $name,
        public TankForm $form,
        public Supply $supply,
        /** Along the rig. */
        public float $lengthMm,
        /** Across the rig. */
        public float $widthMm,
        public float $heightMm,
        public float $outletHeightMm,
        public float $overflowHeightMm,
        public float $displacedFraction,
        public float $emptyKg,
        public float $xM,
        public float $yM,
        /** Of the underside above the ground, or above the keel of a boat. */
        public float $zM,
        /** From 0 to 1 of what it holds brim full; null to travel as full as the plan says for all main tanks. */
        public ?float $travelFill = null,
    ) {
    }

    public static function read(InputReader $in, PlanIds $ids): self
    {
        $tank = new self(
            $ids->read($in),
            $in->text('name', 60),
            $in->choice('form', TankForm::cases()),
            $in->choice('supply', Supply::cases()),
            PlanFields::number($in, 'length_mm'),
            PlanFields::number($in, 'width_mm'),
            PlanFields::number($in, 'height_mm'),
            PlanFields::number($in, 'outlet_height_mm'),
            PlanFields::number($in, 'overflow_height_mm'),
            PlanFields::number($in, 'displaced_fraction'),
            PlanFields::number($in, 'empty_kg'),
            PlanFields::number($in, 'x_m'),
            PlanFields::number($in, 'y_m'),
            PlanFields::number($in, 'z_m'),
            PlanFields::optionalNumber($in, 'travel_fill'),
        );
        $in->finish();
        if (!$in->failed() && $tank->overflowHeightMm > $tank->heightMm) {
            $in->fail('overflow_height_mm', \sprintf('The overflow (%s mm) lies above the lid (%s mm).', $tank->overflowHeightMm, $tank->heightMm));
        }
        if (!$in->failed() && $tank->outletHeightMm >= $tank->overflowHeightMm) {
            $in->fail('outlet_height_mm', \sprintf('The outlet (%s mm) must lie below the overflow (%s mm).', $tank->outletHeightMm, $tank->overflowHeightMm));
        }

        return $tank;
    }

    public function tankInput(): TankInput
    {
        return new TankInput(new BoxShape($this->lengthMm, $this->widthMm, $this->heightMm), $this->outletHeightMm, $this->overflowHeightMm, $this->displacedFraction);
    }

    /** How far two tanks reach into each other, in m, in the direction in which they are most easily parted; negative when apart. */
    public function overlapM(self $other): float
    {
        return min(
            ($this->lengthMm + $other->lengthMm) / 2000 - abs($this->xM - $other->xM),
            ($this->widthMm + $other->widthMm) / 2000 - abs($this->yM - $other->yM),
            min($this->zM + $this->heightMm / 1000, $other->zM + $other->heightMm / 1000) - max($this->zM, $other->zM),
        );
    }

    public function movedTo(float $xM, float $yM): self
    {
        return $this->with($this->lengthMm, $this->widthMm, $xM, $yM);
    }

    public function sized(float $lengthMm, float $widthMm): self
    {
        return $this->with($lengthMm, $widthMm, $this->xM, $this->yM);
    }

    private function with(float $lengthMm, float $widthMm, float $xM, float $yM): self
    {
        return new self($this->id, $this->name, $this->form, $this->supply, $lengthMm, $widthMm, $this->heightMm, $this->outletHeightMm, $this->overflowHeightMm, $this->displacedFraction, $this->emptyKg, $xM, $yM, $this->zM, $this->travelFill);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'form' => $this->form, 'supply' => $this->supply,
            'length_mm' => $this->lengthMm, 'width_mm' => $this->widthMm, 'height_mm' => $this->heightMm,
            'outlet_height_mm' => $this->outletHeightMm, 'overflow_height_mm' => $this->overflowHeightMm,
            'displaced_fraction' => $this->displacedFraction, 'empty_kg' => $this->emptyKg,
            'x_m' => $this->xM, 'y_m' => $this->yM, 'z_m' => $this->zM,
        ] + (null === $this->travelFill ? [] : ['travel_fill' => $this->travelFill]);
    }
}
