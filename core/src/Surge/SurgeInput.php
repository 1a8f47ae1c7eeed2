<?php

declare(strict_types=1);

namespace YardCask\Core\Surge;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A closed box of water with an open pipe at one end, while its rig brakes, pulls away or stands on a slope. */
final readonly class SurgeInput
{
    public function __construct(
        /** Along travel. */
        public float $lengthM,
        public float $widthM,
        public float $heightM,
        /** From 0 to what the box holds. */
        public float $litres,
        /** Towards the open end; negative away from it. */
        public float $decelG,
        /** Of the slope on which the open end lies low; negative where it lies high. */
        public float $gradePercent,
        /** Into how many cells baffles with holes divide the length; 1 without any. */
        public float $baffleCells,
        /** Of the open end above the floor. */
        public float $portHeightM,
        /** How far beyond the end wall the open end stands. */
        public float $portOutM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $input = new self(
            lengthM: $in->number('length_m', Range::positive()),
            widthM: $in->number('width_m', Range::positive()),
            heightM: $in->number('height_m', Range::positive()),
            litres: $in->number('litres', Range::notNegative()),
            decelG: $in->number('decel_g', Range::any(), 0.0),
            gradePercent: $in->number('grade_percent', Range::any(), 0.0),
            baffleCells: $in->number('baffle_cells', Range::between(1, 1000), 1.0),
            portHeightM: $in->number('port_height_m', Range::notNegative()),
            portOutM: $in->number('port_out_m', Range::notNegative(), 0.0),
        );
        if (floor($input->baffleCells) !== $input->baffleCells) {
            $in->fail('baffle_cells', 'Enter a whole number of cells, 1 without baffles.');
        }
        if (!$in->failed() && $input->litres > $input->capacityL() * (1 + 1e-9)) {
            $in->fail('litres', \sprintf('%s L are more than the box holds (%s L).', $input->litres, round($input->capacityL(), 3)));
        }
        $in->finish();

        return $input;
    }

    public function capacityL(): float
    {
        return 1000 * $this->lengthM * $this->widthM * $this->heightM;
    }

    /** The depth at rest on level ground, at most the height. */
    public function depthM(): float
    {
        return min($this->heightM, $this->litres / (1000 * $this->lengthM * $this->widthM));
    }
}
