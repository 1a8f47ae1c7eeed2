<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Load;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The rig, who and what comes aboard besides water, how full the fresh tanks travel, and what they are filled with. */
final readonly class LoadPlan implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_LOADS = 60;
    public const MOST_SEATS = 60;
    public const MOST_THINGS = 40;
    /** The heading over what helps to fill as much as is wanted. */
    public const FILLING = 'Filling';

    /**
     * @param list<PlannedSeat> $seats in the order in which they are taken; the crew of the Use stage sits on the first of them
     * @param list<PlannedLoad> $loads
     * @param list<PlannedThing> $things
     */
    public function __construct(
        #[Variants([PlannedRoadRig::class, PlannedTrailer::class, PlannedBoat::class])]
        public PlannedRig $rig,
        #[Parts(PlannedSeat::class, self::MOST_SEATS)]
        public array $seats,
        #[Parts(PlannedLoad::class, self::MOST_LOADS)]
        public array $loads,
        /** What is fixed in the rig and matters to tanks and hoses. */
        #[Parts(PlannedThing::class, self::MOST_THINGS)]
        public array $things,
        /** From 0 to 1 of what the fresh tanks hold brim full, but for those that say so themselves. */
        #[Measured('how full to travel', 'How full to travel', Kind::Share, Unit::Fraction, 0, 1)]
        public float $travelFill,
        /** A can for filling, too. */
        #[Measured('what a bucket or a can for filling holds', 'Your bucket or can holds', Kind::Volume, Unit::Litre, 0.5, 60, group: self::FILLING)]
        public ?float $bucketL = null,
        #[Measured('what the hose gives', 'The hose gives', Kind::Flow, Unit::LitrePerMinute, 0.5, 60, group: self::FILLING)]
        public ?float $hoseLpm = null,
        /** A cheap meter is wrong by a factor, which this tells. */
        #[Measured('what a flow meter reads for one bucket', 'A meter reads for one bucket', Kind::Volume, Unit::Litre, 0.1, 120, group: self::FILLING)]
        public ?float $meterL = null,
        /** Whether waste tanks are emptied before the rig moves on; null for what is usual with the way the crew stays. */
        #[YesNo('Waste emptied before you move on')]
        public ?bool $wasteEmptied = null,
    ) {
    }
}
