<?php

declare(strict_types=1);

namespace YardCask\Core\Accumulator;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A vessel with a cushion of air after a pump that a pressure switch starts and stops; pressures above the air outside. */
final readonly class AccumulatorInput
{
    private const MOST_KPA = 10000.0;

    public function __construct(
        public float $volumeL,
        public float $prechargeKpa,
        public float $cutInKpa,
        /** Above the cut-in. */
        public float $cutOutKpa,
        /** Mean over the band between the two. */
        public float $pumpLpm,
        public float $tapLpm,
        /** 1 for slow, 1.4 for fast changes. */
        public float $polytropic = 1.0,
        /** What the hoses give. */
        public float $stretchLPer100kpa = 0.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $pressure = Range::between(0, self::MOST_KPA);
        $input = new self(
            volumeL: $in->number('volume_l', Range::notNegative()),
            prechargeKpa: $in->number('precharge_kpa', $pressure),
            cutInKpa: $in->number('cut_in_kpa', $pressure),
            cutOutKpa: $in->number('cut_out_kpa', $pressure),
            pumpLpm: $in->number('pump_lpm', Range::positive()),
            tapLpm: $in->number('tap_lpm', Range::notNegative()),
            polytropic: $in->number('polytropic', Range::between(1, 2), 1.0),
            stretchLPer100kpa: $in->number('stretch_l_per_100kpa', Range::notNegative(), 0.0),
        );
        if (!$in->failed() && $input->cutOutKpa <= $input->cutInKpa) {
            $in->fail(
                'cut_out_kpa',
                \sprintf('The pump stops at %s kPa, which must lie above the %s kPa at which it starts.', $input->cutOutKpa, $input->cutInKpa),
            );
        }
        $in->finish();

        return $input;
    }
}
