<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A length of pipe or hose, full of water that flows through it. */
final readonly class PipeInput
{
    public const DRAWN_TUBE_MM = 0.0015;
    public const COLD_C = 15.0;
    /** Beyond it the laws of a rough pipe do not hold. */
    private const MOST_ROUGH = 0.05;

    public function __construct(
        public float $lengthM,
        public float $boreMm,
        /** Not negative. */
        public float $flowLpm,
        /** Of all fittings on the way, in velocity heads. */
        public float $kSum = 0.0,
        /** Of its end above its beginning. */
        public float $riseM = 0.0,
        public float $roughnessMm = self::DRAWN_TUBE_MM,
        /** From 0 to 100. */
        public float $waterC = self::COLD_C,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $flow = $in->number('flow_lpm', Range::notNegative());
        $rise = $in->number('rise_m', Range::any(), 0.0);
        $water = $in->number('water_c', Range::between(0, 100), self::COLD_C);

        return self::readSizes($in, $flow, $rise, $water);
    }

    /** A pipe whose flow is to be found, and whose ends have their heights elsewhere. */
    public static function readStill(InputReader $in, float $waterC): self
    {
        return self::readSizes($in, 0.0, 0.0, $waterC);
    }

    private static function readSizes(InputReader $in, float $flowLpm, float $riseM, float $waterC): self
    {
        $input = new self(
            lengthM: $in->number('length_m', Range::notNegative()),
            boreMm: $in->number('bore_mm', Range::positive()),
            flowLpm: $flowLpm,
            kSum: $in->number('k_sum', Range::notNegative(), 0.0),
            riseM: $riseM,
            roughnessMm: $in->number('roughness_mm', Range::notNegative(), self::DRAWN_TUBE_MM),
            waterC: $waterC,
        );
        if (!$in->failed() && $input->roughnessMm > self::MOST_ROUGH * $input->boreMm) {
            $in->fail('roughness_mm', \sprintf('A roughness of %s mm is over a twentieth of the bore (%s mm).', $input->roughnessMm, $input->boreMm));
        }
        $in->finish();

        return $input;
    }

    /** The same with another flow. */
    public function with(float $flowLpm): self
    {
        return new self(
            lengthM: $this->lengthM,
            boreMm: $this->boreMm,
            flowLpm: $flowLpm,
            kSum: $this->kSum,
            riseM: $this->riseM,
            roughnessMm: $this->roughnessMm,
            waterC: $this->waterC,
        );
    }
}
