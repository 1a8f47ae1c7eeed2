<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A single-axled trailer; x_m is measured rearward from its coupling. */
final readonly class TrailerRig
{
    /**
     * @param list<Mass> $loads
     * @param list<LoadedTank> $tanks
     */
    public function __construct(
        public float $grossLimitKg,
        public float $weighedKg,
        public float $noseWeighedKg,
        public float $noseLimitKg,
        public float $couplingToAxleM,
        public float $axleLimitKg,
        public array $loads,
        public array $tanks,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = self::readOpen($in, array_map(LoadedTank::read(...), $in->objects('tanks', 1000)));
        $in->finish();

        return $rig;
    }

    /**
     * Reads all but the tanks and leaves the reader open for more.
     *
     * @param list<LoadedTank> $tanks
     */
    public static function readOpen(InputReader $in, array $tanks): self
    {
        $in->has('kind');
        $rig = new self(
            grossLimitKg: $in->number('gross_limit_kg', Range::positive()),
            weighedKg: $in->number('weighed_kg', Range::notNegative()),
            noseWeighedKg: $in->number('nose_weighed_kg', Range::any()),
            noseLimitKg: $in->number('nose_limit_kg', Range::positive()),
            couplingToAxleM: $in->number('coupling_to_axle_m', Range::positive()),
            axleLimitKg: $in->number('axle_limit_kg', Range::positive()),
            loads: array_map(Mass::read(...), $in->objects('loads', 1000)),
            tanks: $tanks,
        );
        if (!$in->failed() && $rig->noseWeighedKg > $rig->weighedKg) {
            $in->fail('nose_weighed_kg', \sprintf('The nose (%s kg) cannot weigh more than the whole trailer (%s kg).', $rig->noseWeighedKg, $rig->weighedKg));
        }

        return $rig;
    }

    /** @param list<LoadedTank> $tanks */
    public function carrying(array $tanks): self
    {
        return new self(
            grossLimitKg: $this->grossLimitKg,
            weighedKg: $this->weighedKg,
            noseWeighedKg: $this->noseWeighedKg,
            noseLimitKg: $this->noseLimitKg,
            couplingToAxleM: $this->couplingToAxleM,
            axleLimitKg: $this->axleLimitKg,
            loads: $this->loads,
            tanks: $tanks,
        );
    }
}
