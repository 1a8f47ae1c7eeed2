<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Something that is bought beside the parts and pipes of a line, invented and of no brand. */
final readonly class StockFitting implements Checked
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the fitting’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('Kind')]
        public FittingKind $kind,
        #[Choice('Sold by the')]
        public SoldBy $sold,
        /** Of one, or of a metre. */
        #[Measured('its weight', 'Weight', Kind::Mass, Unit::Kilogram, 0, 100)]
        public float $weightKg,
        /** Of a piece, a pack or a metre, in no currency: it only ranks. */
        #[Measured('its price', 'Price', Kind::Count, Unit::One, 0, 100000)]
        public float $price,
        #[Variants(FittingFamilies::ALL)]
        public FittingFigures $figures,
        /** How many a pack has, or how many metres a length; null where it is sold singly, or by any length. */
        #[Measured('how many a pack has', 'In a pack', Kind::Count, Unit::One, 1, 1000)]
        public ?float $pack = null,
    ) {
    }

    public function check(InputReader $in): void
    {
        $family = PartFields::tag($this->figures::class)?->value;
        if ($family !== $this->kind->family()) {
            $in->fail(
                'figures/family',
                \sprintf('The figures of a “%s” are those of the family “%s”.', $this->kind->value, $this->kind->family()->value),
            );
        }
    }

    /** An adapter as it is in a plan, either way round. */
    public function planned(string $id, bool $isTurned): PlannedAdapter
    {
        $figures = $this->figures;
        if (!$figures instanceof AdapterFigures) {
            throw new \LogicException($this->id.' is no adapter.');
        }
        $ends = PortEnds::read($figures->ends);
        $ends = $isTurned
            ? [PlannedAdapter::NEAR => $ends[PlannedAdapter::FAR], PlannedAdapter::FAR => $ends[PlannedAdapter::NEAR]]
            : $ends;

        return new PlannedAdapter(
            id: $id,
            name: $this->name,
            make: new PartMake($figures->ratingKpa, $figures->ratingC, $figures->foodGrade, $this->weightKg, $this->price),
            ends: PortEnds::write($ends),
            boreMm: $figures->boreMm,
            lossK: $figures->lossK,
            stock: $this->id,
        );
    }
}
