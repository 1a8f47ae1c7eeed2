<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A length of pipe or hose of the line, from one port to another. */
final readonly class PlannedPipe implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_POINTS = 12;
    /** An id, and the name of a port of a part or the id of one of a tank. */
    public const LONGEST_PORT = 2 * Id::MAX_LENGTH + 1;

    /** @param list<PlannedRunPoint> $points */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the pipe’s name', Text::LONGEST_NAME)]
        public string $name,
        /** “pump.out”, “tank.outlet-1”: a part or a tank, and its port. */
        #[Text('the port it begins at: “pump.out”', self::LONGEST_PORT)]
        public string $from,
        #[Text('the port it leads to: “tap.in”', self::LONGEST_PORT)]
        public string $to,
        #[Inline]
        public Tube $tube,
        /** Points that it passes between its ends. */
        #[Parts(PlannedRunPoint::class, self::MOST_POINTS)]
        public array $points,
        /** Null where it follows from the places of its ends, or is guessed. */
        #[Measured('the length of a pipe', 'Length', Kind::Length, Unit::Metre, 0.02, 60)]
        public ?float $lengthM = null,
        #[Measured('the bends of a pipe', 'Bends', Kind::Count, Unit::One, 0, 40)]
        public ?float $bends = null,
        #[Text('what it is called in the catalogue', Id::MAX_LENGTH)]
        public ?string $stock = null,
        /** What is between it and the port it begins at; null where it is joined to that directly, as such tubes usually are. */
        #[Part]
        public ?PlannedJoint $fromJoint = null,
        #[Part]
        public ?PlannedJoint $toJoint = null,
    ) {
    }
}
