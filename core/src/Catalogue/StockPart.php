<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Line\PartFamilies;
use YardCask\Core\Plan\Line\PartFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedPart;

/** A part of a line that can be had ready made, invented and of no brand. */
final readonly class StockPart
{
    /** @param list<PartEnd> $ends */
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
        #[Parts(PartEnd::class, 6)]
        public array $ends,
    ) {
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput with every error of it
     */
    public static function fromDocument(mixed $document): self
    {
        $in = InputReader::of($document);
        $part = (new PartReader())->read(self::class, $in);
        $in->throwIfInvalid();

        return $part;
    }

    /** A part of a plan, to be had again; what it joins to nobody has said. */
    public static function like(PlannedPart $part): self
    {
        return new self($part->id, $part->name, $part->kind, $part->make, $part->figures, []);
    }

    /** Its name without its size: “Lever valve”. */
    public function shortName(): string
    {
        return (string) strtok($this->name, ',');
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
        );
    }
}
