<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Bay\Box;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Tank\TankInput;
use YardCask\Core\Tank\TankShape;

/** A tank, or some cans alike that stand in a row along the rig: inner sizes over all, fittings' heights, and where the middle stands. */
final readonly class PlannedTank implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public const MOST_ALIKE = 20;
    public const MOST_PORTS = 13;
    public const MOST_LEVELS = 60;
    /** Of a tank's inside, so much at most goes to baffles and loose filling. */
    private const MOST_BAFFLED = 0.9;

    /**
     * @param list<PlannedPort> $ports
     * @param list<PlannedLevel> $levels
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the tank’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('Form')]
        public TankMounting $form,
        #[Choice('Shape')]
        public PlannedShape $shape,
        #[Choice('Holds')]
        public WaterKind $holds,
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
        /** Where no outlet sits in a side or in the floor: that of a tube through the lid, or of the tap of a can. */
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
        /** Or by a strip in it. */
        #[YesNo('Level visible through its wall')]
        public bool $seeThrough,
        /** Only for a can or a bag: somebody pours its water where it is needed, so no pipe has to reach it. */
        #[YesNo('Poured by hand')]
        public bool $poured,
        /** From 0, empty, to 1, brim full; null for the fill that the plan gives all fresh tanks. */
        #[Measured('how full this tank travels', 'How full it travels', Kind::Share, Unit::Fraction, 0, 1, stage: 'load')]
        public ?float $travelFill = null,
        /** Null where it stands anywhere else in the rig. */
        #[Text('the bay that it is in: its id', Id::MAX_LENGTH)]
        public ?string $bay = null,
        #[Parts(PlannedPort::class, self::MOST_PORTS)]
        public array $ports = [],
        /** Into how many cells baffles with holes divide its length; null without any. */
        #[Measured('into how many cells its baffles divide it', 'Cells', Kind::Count, Unit::One, 1, 40)]
        public ?float $baffleCells = null,
        /** Null where nobody has said it: then straps. */
        #[Choice('Held by')]
        public ?HeldBy $heldBy = null,
        /** Which share its restraint evenly. */
        #[Measured('how many straps or brackets hold it', 'Straps or brackets', Kind::Count, Unit::One, 1, 40)]
        public ?float $straps = null,
        #[Measured('the angle of a strap above the floor', 'Strap angle', Kind::Angle, Unit::Degree, 10, 80)]
        public ?float $strapAngleDeg = null,
        /** As its maker, or that of the weakest screw or rivet nut behind it, says: nobody else knows. */
        #[Measured('what one strap or bracket with its fixings is rated for', 'Each holds', Kind::Mass, Unit::Kilogram, 1, 20000)]
        public ?float $strapHoldsKg = null,
        /** Short pieces of tube or balls, which calm the water as baffles do. */
        #[Measured('the share that loose filling takes', 'Loose filling takes', Kind::Share, Unit::Fraction, 0, 0.5)]
        public ?float $looseFraction = null,
        /** Above or below the air around it, before they bulge or are sucked in for good. */
        #[Measured('the pressure that a tank’s walls are rated for', 'Walls rated for', Kind::Pressure, Unit::Kilopascal, 0.5, 600)]
        public ?float $wallKpa = null,
        /** Of a tank over a wheel arch. */
        #[Part]
        public ?PlannedArch $arch = null,
        /** Of a tank that was measured by filling it, rising; linear between them and from an empty floor to the first. */
        #[Parts(PlannedLevel::class, self::MOST_LEVELS)]
        public array $levels = [],
        /** Null for one made to measure, or a can or a bag of which nobody has said it. */
        #[Text('what it is called in the catalogue', Id::MAX_LENGTH)]
        public ?string $stock = null,
    ) {
    }

    /** Whether it can be made longer or narrower; what is bought is as it is. */
    public function isMadeToMeasure(): bool
    {
        return TankMounting::Fixed === $this->form && null === $this->stock;
    }

    public function check(InputReader $in): void
    {
        if ($this->overflowMm() > $this->heightMm) {
            $in->fail($this->overflowKey(), \sprintf('The overflow (%s mm) is above the lid (%s mm).', $this->overflowMm(), $this->heightMm));
        }
        if ($this->outletMm() >= $this->overflowMm()) {
            $in->fail($this->outletKey(), \sprintf('The outlet (%s mm) must be below the overflow (%s mm).', $this->outletMm(), $this->overflowMm()));
        }
        foreach (['count' => $this->count, 'baffle_cells' => $this->baffleCells, 'straps' => $this->straps] as $key => $number) {
            if (null !== $number && floor($number) !== $number) {
                $in->fail($key, \sprintf('%s is not a whole number.', $number));
            }
        }
        if ($this->baffledFraction() > self::MOST_BAFFLED) {
            $in->fail('loose_fraction', 'Baffles and loose filling together leave hardly any room for water.');
        }
        if (PlannedShape::Profile === $this->shape) {
            LevelsCheck::check($this->levels, $this->sizeMm(), $this->overflowMm(), $this->overflowKey(), $in);
        } elseif (PlannedShape::WheelArch === $this->shape && null === $this->arch) {
            $in->fail('arch', 'A tank over a wheel arch needs the place and the sizes of the arch.');
        } elseif (PlannedShape::WheelArch === $this->shape) {
            $this->arch->check($this->sizeMm(), $in);
        }
    }

    /** @return array{float, float, float} the outside of one of those alike */
    public function sizeMm(): array
    {
        return [$this->lengthMm, $this->widthMm, $this->heightMm];
    }

    /** What one of those alike holds, level by level. */
    public function inside(): TankShape
    {
        return $this->shape->inside($this->sizeMm(), $this->arch, $this->levels);
    }

    /** @return non-empty-list<Box> what one of those alike fills, from its low corner */
    public function boxesOfOne(): array
    {
        return $this->shape->boxes($this->sizeMm(), $this->arch);
    }

    /** One of those alike, for the tank calculator. */
    public function tankInput(): TankInput
    {
        return new TankInput($this->inside(), $this->outletMm(), $this->overflowMm(), $this->baffledFraction());
    }

    /** The level at which it overflows: the lower edge of an overflow in its side, or else the measured height. */
    public function overflowMm(): float
    {
        $index = $this->overflowPort();

        return null === $index ? $this->overflowHeightMm : $this->ports[$index]->lowestMm();
    }

    /** The key under which the height of its overflow stands. */
    public function overflowKey(): string
    {
        $index = $this->overflowPort();

        return null === $index ? 'overflow_height_mm' : 'ports/'.$index.'/up_mm';
    }

    /** The lowest overflow port in its sides, which sets its overflow level; null without one. */
    public function overflowPort(): ?int
    {
        return $this->lowestPort(PortRole::Overflow, static fn (PlannedPort $port): bool => 2 !== $port->face->axis());
    }

    /** The level below which no outlet draws. */
    public function outletMm(): float
    {
        $heights = array_map($this->drawsFromMm(...), $this->outlets());

        return [] === $heights ? $this->outletHeightMm : min($heights);
    }

    /** The level below which an outlet draws nothing: its lower edge, or where the tube through the lid ends. */
    public function drawsFromMm(PlannedPort $outlet): float
    {
        return Face::Top === $outlet->face ? $this->outletHeightMm : $outlet->lowestMm();
    }

    /** The key under which the height of its outlet stands. */
    public function outletKey(): string
    {
        $index = $this->outletPort();

        return null === $index ? 'outlet_height_mm' : 'ports/'.$index.'/'.(Face::Bottom === $this->ports[$index]->face ? 'face' : 'up_mm');
    }

    /** The lowest outlet, where that is in a side or in the floor; null where the tank’s outlet height says it. */
    public function outletPort(): ?int
    {
        $lowest = $this->lowestPort(PortRole::Outlet, static fn (PlannedPort $port): bool => Face::Top !== $port->face);

        return null === $lowest || $this->ports[$lowest]->lowestMm() > $this->outletMm() ? null : $lowest;
    }

    /** @return list<PlannedPort> */
    public function outlets(): array
    {
        return array_values(array_filter($this->ports, static fn (PlannedPort $port): bool => PortRole::Outlet === $port->role));
    }

    /** @param callable(PlannedPort): bool $counts */
    private function lowestPort(PortRole $role, callable $counts): ?int
    {
        $lowest = null;
        foreach ($this->ports as $index => $port) {
            if ($role === $port->role && $counts($port) && (null === $lowest || $port->lowestMm() < $this->ports[$lowest]->lowestMm())) {
                $lowest = $index;
            }
        }

        return $lowest;
    }

    /** What baffles and loose filling take of it. */
    public function baffledFraction(): float
    {
        return $this->displacedFraction + ($this->looseFraction ?? 0.0);
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
        return Box::at(
            [1000 * $this->xM - $this->rowMm() / 2, 1000 * $this->yM - $this->widthMm / 2, 1000 * $this->zM],
            [$this->rowMm(), $this->widthMm, $this->heightMm],
        );
    }

    /** @return non-empty-list<Box> what its row fills, as touching boxes, in mm from its low corner; a cylinder in slices that hold it */
    public function boxes(): array
    {
        $one = $this->boxesOfOne();
        $boxes = $one;
        for ($index = 1; $index < $this->count; ++$index) {
            array_push($boxes, ...array_map(fn (Box $box): Box => $box->moved([$index * $this->lengthMm, 0.0, 0.0]), $one));
        }

        // A row of boxes is a box.
        return 1 === \count($one) ? [Box::at([0.0, 0.0, 0.0], $this->body()->sizeMm())] : $boxes;
    }

    /** @return non-empty-list<Box> what it fills, in mm of the rig */
    public function solids(): array
    {
        $low = $this->body()->low;

        return array_map(static fn (Box $box): Box => $box->moved($low), $this->boxes());
    }

    /** Its overlap with a box, in mm, along the axis where it is smallest; negative if they are apart. */
    public function overlapMm(Box $box): float
    {
        return max(array_map(static fn (Box $solid): float => $solid->overlapMm($box), $this->solids()));
    }

    /** The shortest way from it to a box, in mm. */
    public function apartMm(Box $box): float
    {
        return min(array_map(static fn (Box $solid): float => $solid->apartMm($box), $this->solids()));
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
            'arch' => $this->arch?->turned($this->lengthMm),
        ]);
    }

    public function named(string $name): self
    {
        return PartFields::changed($this, ['name' => $name]);
    }
}
