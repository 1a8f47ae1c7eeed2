<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** A rig to begin with: typical figures, all to be replaced by measured ones. */
final readonly class StartingRig
{
    /**
     * @param list<PlannedSeat> $seats
     * @param list<PlannedLoad> $loads for one person each
     * @param list<PlannedBay> $bays
     * @param list<PlannedThing> $things
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $about,
        public PlannedRig $rig,
        /** Where the crew sits on the road, the driver first; none in a trailer. */
        public array $seats,
        /** What comes aboard for each person instead. */
        public array $loads,
        /** Where tanks can be mounted, guessed until they are taped. */
        public array $bays,
        /** What is fixed there and matters to tanks. */
        public array $things,
        /** Where a tank usually goes: its middle, and the room there. */
        public float $tankXM,
        public float $tankYM,
        public float $tankZM,
        public float $tankWidthMm,
        public float $tankHeightMm,
        public float $tankMaxLengthMm,
        /** The system that its line usually begins with. */
        public SystemType $system,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $reader = new PartReader();
        $rig = $in->object('rig');
        $tank = $in->object('tank');
        $preset = new self(
            id: $in->text('id', 32),
            label: $in->text('label', 60),
            about: $in->text('about', 200),
            rig: match ($rig->choice('kind', RigKind::cases())) {
                RigKind::Road => $reader->read(PlannedRoadRig::class, $rig),
                RigKind::Trailer => $reader->read(PlannedTrailer::class, $rig),
                RigKind::Boat => $reader->read(PlannedBoat::class, $rig),
            },
            seats: $reader->readAll(PlannedSeat::class, 'seats', 60, $in),
            loads: $reader->readAll(PlannedLoad::class, 'loads', 10, $in),
            bays: $reader->readAll(PlannedBay::class, 'bays', Plan::MOST_BAYS, $in),
            things: $reader->readAll(PlannedThing::class, 'things', 40, $in),
            tankXM: $tank->number('x_m', Range::any()),
            tankYM: $tank->number('y_m', Range::any()),
            tankZM: $tank->number('z_m', Range::any()),
            tankWidthMm: $tank->number('width_mm', Range::positive()),
            tankHeightMm: $tank->number('height_mm', Range::positive()),
            tankMaxLengthMm: $tank->number('max_length_mm', Range::positive()),
            system: $in->choice('system', SystemType::cases()),
        );
        $tank->finish();
        $in->finish();

        return $preset;
    }
}
