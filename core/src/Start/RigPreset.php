<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRig;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;

/** A rig to begin with: typical figures, all to be replaced by measured ones. */
final readonly class RigPreset
{
    private function __construct(
        public string $id,
        public string $label,
        public string $about,
        public PlannedRig $rig,
        /** Where the crew sits on the road. */
        public float $seatXM,
        public float $seatYM,
        public float $seatZM,
        /** Where a tank usually goes: its middle, and the room there. */
        public float $tankXM,
        public float $tankYM,
        public float $tankZM,
        public float $tankWidthMm,
        public float $tankHeightMm,
        public float $tankMaxLengthMm,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = $in->object('rig');
        $seat = $in->object('seat');
        $tank = $in->object('tank');
        $preset = new self(
            $in->text('id', 32),
            $in->text('label', 60),
            $in->text('about', 200),
            // The plan's own reader, at the place where the rig stands in a plan.
            match ($rig->choice('kind', RigKind::cases())) {
                RigKind::Road => PlannedRoadRig::read($rig->standingAt('/load/rig')),
                RigKind::Trailer => PlannedTrailer::read($rig->standingAt('/load/rig')),
                RigKind::Boat => PlannedBoat::read($rig->standingAt('/load/rig')),
            },
            $seat->number('x_m', Range::any()),
            $seat->number('y_m', Range::any()),
            $seat->number('z_m', Range::any()),
            $tank->number('x_m', Range::any()),
            $tank->number('y_m', Range::any()),
            $tank->number('z_m', Range::any()),
            $tank->number('width_mm', Range::positive()),
            $tank->number('height_mm', Range::positive()),
            $tank->number('max_length_mm', Range::positive()),
        );
        $seat->finish();
        $tank->finish();
        $in->finish();

        return $preset;
    }
}
