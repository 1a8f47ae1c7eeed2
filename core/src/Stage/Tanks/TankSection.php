<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;

/** One tank cut open: how it travels, and its gauge marks. Of several alike it is one. */
final readonly class TankSection implements Sent
{
    use SentAsDeclared;

    /**
     * @param list<SectionMark> $marks
     * @param list<string> $handling
     * @param list<TiltSketch> $tilts
     * @param list<BayOption> $bays
     * @param list<ShapeOption> $shapes
     * @param list<PortSketch> $ports in its order
     * @param list<Fix> $fittings
     */
    public function __construct(
        public string $id,
        /** How much it travels with. */
        public string $travel,
        /** “121 L on the road”. */
        public string $travelWords,
        public float $travelLevelMm,
        /** Above its floor. */
        public float $overflowMm,
        /** … as it reads. */
        public string $overflow,
        #[ListOf(SectionMark::class)]
        public array $marks,
        /** How it is filled and drained. */
        #[ListOf('string')]
        public array $handling,
        /** Null on a boat. */
        public ?RestraintFigures $restraint,
        /** Null where there is nothing to slosh. */
        public ?string $sloshFigureId,
        /** What tilts its water, one after another; empty where its shape is not told or it travels empty. */
        #[ListOf(TiltSketch::class)]
        public array $tilts,
        #[ListOf(BayOption::class)]
        public array $bays,
        /** Each shape, with what it takes to be of it. */
        #[ListOf(ShapeOption::class)]
        public array $shapes,
        #[ListOf(PortSketch::class)]
        public array $ports,
        /** What can be added to it. */
        #[ListOf(Fix::class)]
        public array $fittings,
        /** Its table as text, where it has one. */
        public ?string $table,
        /** Turns it a quarter. */
        public PlanPatch $turn,
    ) {
    }
}
