<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Bay\Box;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Tank\TankInput;

/** A tank of a simple shape, or some cans alike that stand in a row along the rig: inner sizes over all, fittings' heights, and where the middle stands. */
final readonly class PlannedTank implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public const MOST_ALIKE = 20;
    public const MOST_PORTS = 12;

    /** @param list<PlannedPort> $ports */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the tank’s name', FreeId::LONGEST_NAME)]
        public string $name,
        #[Choice('Form')]
        public TankMounting $form,
        #[Choice('Shape')]
        public PlannedShape $shape,
        #[Choice('Holds')]
        public Holds $holds,
        /** How many alike. Sizes, weight and litres are those of one. */
        #[Measured('how many alike', 'How many alike', Kind::Count, Unit::One, 1, self::MOST_ALIKE)]
        public float $count,
        /** Along the rig. */
        #[Measured('a tank’s length', 'Length, along', Kind::Length, Unit::Millimetre, 20, 4000)]
        public float $lengthMm,
        /** Across the rig. */
        #[Measured('a tank’s width', 'Width, across', Kind::Length, Unit::Millimetre, 20, 4000)]
        public float $widthMm,
        #[Measured('a tank’s height', 'Height', Kind::Length, Unit::Millimetre, 20, 2000)]
        public float $heightMm,
        #[Measured('the outlet’s height above the tank’s floor', 'Outlet at', Kind::Length, Unit::Millimetre, 0, 2000)]
        public float $outletHeightMm,
        #[Measured('the overflow’s height above the tank’s floor', 'Overflow at', Kind::Length, Unit::Millimetre, 1, 2000)]
        public float $overflowHeightMm,
        #[Measured('the share that baffles take', 'Baffles take', Kind::Share, Unit::Fraction, 0, 0.5)]
        public float $displacedFraction,
        #[Measured('what a tank weighs empty', 'Weight, empty', Kind::Mass, Unit::Kilogram, 0, 300)]
        public float $emptyKg,
        #[Measured('a tank’s place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20)]
        public float $xM,
        #[Measured('a tank’s place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3)]
        public float $yM,
        /** Of the underside above the ground, or above the keel of a boat. */
        #[Measured('the height of a tank’s underside', 'Underside at', Kind::Length, Unit::Metre, 0, 4)]
        public float $zM,
        /** From 0 to 1 of what it holds brim full; null to travel as full as the plan says for all fresh tanks. */
        #[Measured('how full this tank travels', 'How full it travels', Kind::Share, Unit::Fraction, 0, 1, stage: 'load')]
        public ?float $travelFill = null,
        /** Null where it stands anywhere else in the rig. */
        #[Text('the bay in which it stands: its id', Id::MAX_LENGTH)]
        public ?string $bay = null,
        /** Besides outlet and overflow. */
        #[Parts(PlannedPort::class, self::MOST_PORTS)]
        public array $ports = [],
        /** Into how many cells baffles with holes divide its length; null without any. */
        #[Measured('into how many cells its baffles divide it', 'Cells', Kind::Count, Unit::One, 1, 40)]
        public ?float $baffleCells = null,
        /** Which share its restraint evenly. */
        #[Measured('how many straps or brackets hold it', 'Straps', Kind::Count, Unit::One, 1, 40)]
        public ?float $straps = null,
        #[Measured('the angle of a strap above the floor', 'Strap angle', Kind::Angle, Unit::Degree, 10, 80)]
        public ?float $strapAngleDeg = null,
    ) {
    }

    public function check(InputReader $in): void
    {
        if ($this->overflowHeightMm > $this->heightMm) {
            $in->fail('overflow_height_mm', \sprintf('The overflow (%s mm) lies above the lid (%s mm).', $this->overflowHeightMm, $this->heightMm));
        }
        if ($this->outletHeightMm >= $this->overflowHeightMm) {
            $in->fail('outlet_height_mm', \sprintf('The outlet (%s mm) must lie below the overflow (%s mm).', $this->outletHeightMm, $this->overflowHeightMm));
        }
        foreach (['count' => $this->count, 'baffle_cells' => $this->baffleCells, 'straps' => $this->straps] as $key => $number) {
            if (null !== $number && floor($number) !== $number) {
                $in->fail($key, \sprintf('%s is not a whole number.', $number));
            }
        }
    }

    /** One of those alike, for the tank calculator. */
    public function tankInput(): TankInput
    {
        return new TankInput($this->shape->inside($this->lengthMm, $this->widthMm, $this->heightMm), $this->outletHeightMm, $this->overflowHeightMm, $this->displacedFraction);
    }

    /** The empty weight of all of them. */
    public function allEmptyKg(): float
    {
        return $this->count * $this->emptyKg;
    }

    /** The length of the row along the rig. */
    public function rowMm(): float
    {
        return $this->count * $this->lengthMm;
    }

    /** The outside of the row, in mm from the rig's origin, its centreline and the ground. */
    public function body(): Box
    {
        return Box::at([1000 * $this->xM - $this->rowMm() / 2, 1000 * $this->yM - $this->widthMm / 2, 1000 * $this->zM], [$this->rowMm(), $this->widthMm, $this->heightMm]);
    }

    public function portFor(PortRole $role): ?PlannedPort
    {
        foreach ($this->ports as $port) {
            if ($role === $port->role) {
                return $port;
            }
        }

        return null;
    }

    /** @return list<Box> the room that its fittings need, in mm of the rig */
    public function fittings(): array
    {
        $body = $this->body();

        return array_map(static fn (PlannedPort $port): Box => $port->room($body->sizeMm())->moved($body->low), $this->ports);
    }

    public function movedTo(float $xM, float $yM): self
    {
        return PartFields::changed($this, ['xM' => $xM, 'yM' => $yM]);
    }

    public function sized(float $lengthMm, float $widthMm): self
    {
        return PartFields::changed($this, ['lengthMm' => $lengthMm, 'widthMm' => $widthMm]);
    }

    /** A quarter clockwise as seen from above: what was its front is its right side, with its ports. */
    public function turned(): self
    {
        return PartFields::changed($this, [
            'lengthMm' => $this->widthMm,
            'widthMm' => $this->lengthMm,
            'ports' => array_map(fn (PlannedPort $port): PlannedPort => $port->turned($this->lengthMm), $this->ports),
        ]);
    }

    public function named(string $name): self
    {
        return PartFields::changed($this, ['name' => $name]);
    }
}
