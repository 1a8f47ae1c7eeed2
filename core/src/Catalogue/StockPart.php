<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Joint\End;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\Field\AsIn;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Line\PartFamilies;
use YardCask\Core\Plan\Line\PartFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A part of a line that can be had ready made, invented and of no brand. */
final readonly class StockPart
{
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
        #[AsIn(PlannedPart::class)]
        public ?string $ends = null,
        /** Of the hole that it is set into: of an inlet in the outer wall, of a tap in the worktop; null where it needs none. */
        #[Measured('the hole it is set into', 'Hole', Kind::Length, Unit::Millimetre, 3, 300)]
        public ?float $holeMm = null,
    ) {
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of it
     */
    public static function fromDocument(mixed $document): self
    {
        if ($document instanceof \stdClass && \is_array($document->ends ?? null)) {
            $document = (object) ['ends' => OldEnds::text($document->ends), ...array_diff_key(get_object_vars($document), ['ends' => 0])];
            $document = (object) array_filter((array) $document, static fn (mixed $value): bool => null !== $value);
        }
        $in = InputReader::of($document);
        $part = (new PartReader())->read(self::class, $in);
        $in->throwIfInvalid();

        return $part;
    }

    /** A part of a plan, to be had again. */
    public static function like(PlannedPart $part): self
    {
        return new self($part->id, $part->name, $part->kind, $part->make, $part->figures, $part->ends);
    }

    /** Whether a tube or a hose can be joined to one of its ports, under pressure too, with nothing in between. */
    public function takes(End $tube): bool
    {
        foreach (PortEnds::read($this->ends) as $port) {
            if (null !== $port->end && JointCalculator::calculate(new JointInput($tube, $port->end))->fit->isTight()) {
                return true;
            }
        }

        return false;
    }

    /** Its name without its size: “Lever valve”. */
    public function shortName(): string
    {
        return (string) strtok($this->name, ',');
    }

    /** In the place of a part of a plan, under its name and with its own wire: that is the rig's, not the pump's. */
    public function insteadOf(PlannedPart $part): PlannedPart
    {
        $figures = $part->figures instanceof PumpFigures && $this->figures instanceof PumpFigures
            ? PartFields::changed($this->figures, ['wireM' => $part->figures->wireM])
            : $this->figures;

        return PartFields::changed($part, ['kind' => $this->kind, 'make' => $this->make, 'figures' => $figures, 'stock' => $this->id, 'ends' => $this->ends]);
    }

    /** As a part of a plan, at a height. */
    public function planned(string $id, string $name, float $zM): PlannedPart
    {
        return new PlannedPart(
            id: $id,
            name: $name,
            kind: $this->kind,
            make: $this->make,
            figures: $this->figures,
            zM: $zM,
            reversed: false,
            stock: $this->id,
            ends: $this->ends,
        );
    }
}
