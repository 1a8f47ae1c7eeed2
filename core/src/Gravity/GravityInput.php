<?php

declare(strict_types=1);

namespace YardCask\Core\Gravity;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Pipe\PipeInput;

/** A tank of upright walls above an outlet, with a pipe between them and a vent above the water. */
final readonly class GravityInput
{
    public function __construct(
        public float $surfaceM2,
        /** Of the water over the port. */
        public float $levelM,
        /** Of the port over the outlet; negative where it lies below. */
        public float $dropM,
        /** Its flow and its rise are nothing. */
        public PipeInput $pipe,
        public float $outletLpmAt100kpa,
        /** At most what lies above the port. */
        public float $deliverL,
        /** Null where air comes in freely. */
        public ?float $ventBoreMm = null,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $pipe = $in->object('pipe');
        $water = $in->number('water_c', Range::between(0, 100), PipeInput::COLD_C);
        $input = new self(
            surfaceM2: $in->number('surface_m2', Range::positive()),
            levelM: $in->number('level_m', Range::positive()),
            dropM: $in->number('drop_m', Range::any()),
            pipe: PipeInput::readStill($pipe, $water),
            outletLpmAt100kpa: $in->number('outlet_lpm_at_100kpa', Range::positive()),
            deliverL: $in->number('deliver_l', Range::positive()),
            ventBoreMm: $in->optionalNumber('vent_bore_mm', Range::positive()),
        );
        $aboveL = 1000 * $input->surfaceM2 * $input->levelM;
        if (!$in->failed() && $input->deliverL > $aboveL * (1 + 1e-9)) {
            $in->fail('deliver_l', \sprintf('%s L are more than lies above the port (%s L).', $input->deliverL, round($aboveL, 3)));
        }
        $in->finish();

        return $input;
    }
}
