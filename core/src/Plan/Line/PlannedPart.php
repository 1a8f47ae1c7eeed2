<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Words\SpokenName;

/** A part of the line: what it is, with the figures that it was computed with, and where it stands. */
final readonly class PlannedPart implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the part’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('Kind')]
        public PartKind $kind,
        #[Inline]
        public PartMake $make,
        #[Variants(PartFamilies::ALL)]
        public PartFigures $figures,
        /** Above the ground, or the keel of a boat. */
        #[Measured('the height at which a part sits', 'Height', Kind::Length, Unit::Metre, 0, 5)]
        public float $zM,
        /** Its arrow points against the water's way from its first port to its second. */
        #[YesNo('Turned round')]
        public bool $reversed,
        #[Measured('a part’s place along the rig', '{Along}', Kind::Length, Unit::Metre, -10, 20)]
        public ?float $xM = null,
        #[Measured('a part’s place across the rig', 'Across', Kind::Sideways, Unit::Metre, -3, 3)]
        public ?float $yM = null,
        /** As the catalogue knows it. */
        #[Text('what it is called in the catalogue', Id::MAX_LENGTH)]
        public ?string $stock = null,
        /** Of an outlet: whether it has to run while the others that do are open. */
        #[YesNo('Runs with the others')]
        public ?bool $together = null,
        /** As PortEnds reads them; null while nobody has measured one. */
        #[Text('what its ports join to: “in: barb 13.8; out: thread 1/2 iso_228 male”', PortEnds::LONGEST)]
        public ?string $ends = null,
    ) {
    }

    public function check(InputReader $in): void
    {
        $family = PartFields::tag($this->figures::class)?->value;
        if ($family !== $this->kind->family()) {
            $in->fail(
                'figures/family',
                \sprintf('The figures of a part of kind “%s” are those of the family “%s”.', $this->kind->value, $this->kind->family()->value),
            );
        }
        if ($this->figures instanceof PumpFigures && null !== $this->figures->cutOutKpa && $this->figures->cutOutKpa <= ($this->figures->cutInKpa ?? 0.0)) {
            $in->fail(
                'figures/cut_out_kpa',
                \sprintf(
                    'The pump stops at %s kPa, which must be above the %s kPa at which it starts.',
                    $this->figures->cutOutKpa,
                    $this->figures->cutInKpa,
                ),
            );
        }
    }

    /** Where water enters it, if its arrow is heeded: its cold port, if it heats. */
    public function entersAt(): PartPort
    {
        return $this->reversed ? PartPort::Out : PartPort::In;
    }

    public function leavesAt(): PartPort
    {
        return $this->reversed ? PartPort::In : PartPort::Out;
    }

    /** Its name as it reads in a sentence: “the galley mixer”. */
    public function spoken(): string
    {
        return SpokenName::of($this->name);
    }

    /** What one of its ports joins to; null while nobody has said anything of it. */
    public function end(PartPort $port): ?PortEnd
    {
        return PortEnds::read($this->ends)[$port->value] ?? null;
    }

    /** The name of a port in the graph of the line. */
    public function port(PartPort $port): string
    {
        return $this->id.'.'.$port->value;
    }
}
