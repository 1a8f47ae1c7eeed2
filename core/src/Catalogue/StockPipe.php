<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A pipe or a hose that can be had by the metre; weight and price are those of one. */
final readonly class StockPipe
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the pipe’s name', FreeId::LONGEST_NAME)]
        public string $name,
        #[Measured('the bore of a pipe', 'Bore', Kind::Length, Unit::Millimetre, 2, 120)]
        public float $boreMm,
        #[Inline]
        public PartMake $make,
        #[Measured('the wave speed of a pipe, in m/s', 'Wave, m/s', Kind::Count, Unit::One, 20, 1500)]
        public float $waveMps,
        #[Measured('how much a metre of it gives for each 100 kPa', 'Gives a metre', Kind::Volume, Unit::Litre, 0, 1)]
        public float $stretchL,
    ) {
    }

    /** @param string $from “pump.out” */
    public function planned(string $id, string $name, string $from, string $to): PlannedPipe
    {
        return new PlannedPipe($id, $name, $from, $to, $this->boreMm, $this->make, $this->waveMps, $this->stretchL, [], stock: $this->id);
    }
}
