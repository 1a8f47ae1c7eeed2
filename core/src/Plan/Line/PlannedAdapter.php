<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What stands between a pipe and a port whose ends do not meet, with the figures that it was computed with. */
final readonly class PlannedAdapter implements PlanPart
{
    use WrittenAsDeclared;

    public const NEAR = 'near';
    public const FAR = 'far';

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the adapter’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Inline]
        public PartMake $make,
        /** As PortEnds reads them: near, toward the pipe, and far, toward the port. */
        #[Text('what its two sides join to: “near: barb 13.8; far: thread 1/2 iso_228 male”', PortEnds::LONGEST)]
        public string $ends,
        #[Measured('the narrowest bore of an adapter', 'Bore', Kind::Length, Unit::Millimetre, 1, 120)]
        public float $boreMm,
        /** Of velocity heads in its own bore. */
        #[Measured('what an adapter loses, in velocity heads', 'Loss, heads', Kind::Count, Unit::One, 0, 20)]
        public float $lossK,
        #[Text('what it is called in the catalogue', Id::MAX_LENGTH)]
        public ?string $stock = null,
    ) {
    }

    public function near(): ?PortEnd
    {
        return PortEnds::read($this->ends)[self::NEAR] ?? null;
    }

    public function far(): ?PortEnd
    {
        return PortEnds::read($this->ends)[self::FAR] ?? null;
    }
}
