<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A hole that has to be drilled. */
final readonly class Hole
{
    /** From this size on a hole saw is used, below it a step drill; in mm. */
    private const SAW_MM = 20.0;

    public function __construct(
        /** The name of the port, hose or part that it is for. */
        public string $for,
        public Phrase $what,
        public Phrase $where,
        public float $holeMm,
        public string $fitting,
        public HoleIn $in,
        /** How much room it and its seal lack, to an edge of its face or to the next hole. */
        public float $missingMm,
        /** Its middle in the rig; null while its place is not in the plan. */
        public ?RunPoint $at,
        /** What covers it on the inside. */
        public ?StockFitting $plate = null,
        /** Of the part that it is for; null of a hose and of a tank's port. */
        public ?string $partId = null,
    ) {
    }

    public function tool(): Phrase
    {
        return new Phrase($this->holeMm >= self::SAW_MM ? 'parts.hole.tool.saw' : 'parts.hole.tool.step', ['hole' => Amount::mm($this->holeMm)]);
    }
}
