<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Runs;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A hose from a tank's port to where it ends, straight from point to point. */
final readonly class PlannedRun implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_POINTS = 12;

    /** @param list<PlannedRunPoint> $points */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the run’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Text('the port it begins at: its id', Id::MAX_LENGTH)]
        public string $from,
        #[Choice('Ends')]
        public RunEnd $end,
        #[Parts(PlannedRunPoint::class, self::MOST_POINTS)]
        public array $points,
        /** Null where it has the bore of its port. */
        #[Measured('the bore of a hose', 'Hose bore', Kind::Length, Unit::Millimetre, 3, 120)]
        public ?float $boreMm = null,
        /** A reducer, a nozzle, a thin barb: the bore that all of it must pass. */
        #[Measured('the narrowest bore on the way', 'Narrowest bore', Kind::Length, Unit::Millimetre, 2, 120)]
        public ?float $narrowestMm = null,
        #[Text('what the catalogue calls its hose', Id::MAX_LENGTH)]
        public ?string $hose = null,
        /** As PortEnd reads it; null while nobody has measured it. */
        #[Text('what both ends of its hose are: “hose 38 stiff”', PortEnd::LONGEST)]
        public ?string $hoseEnd = null,
        #[Text('what the catalogue calls the fitting that it ends at', Id::MAX_LENGTH)]
        public ?string $fitting = null,
        /** As PortEnd reads it; null where it ends in the open, and while nobody has measured it. */
        #[Text('what the fitting that it ends at joins to: “barb 38.5”', PortEnd::LONGEST)]
        public ?string $fittingEnd = null,
    ) {
    }
}
