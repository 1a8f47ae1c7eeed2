<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A two-axled vehicle; x_m is measured rearward from its front axle. */
final readonly class RoadRig
{
    /**
     * @param list<Mass> $loads
     * @param list<LoadedTank> $tanks
     */
    public function __construct(
        public float $grossLimitKg,
        public float $wheelbaseM,
        public Axle $front,
        public Axle $rear,
        public float $trackM,
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
        $axles = $in->object('axles');
        $rig = new self(
            grossLimitKg: $in->number('gross_limit_kg', Range::positive()),
            wheelbaseM: $axles->number('wheelbase_m', Range::positive()),
            front: Axle::read($axles->object('front')),
            rear: Axle::read($axles->object('rear')),
            trackM: $in->number('track_m', Range::positive()),
            loads: array_map(Mass::read(...), $in->objects('loads', 1000)),
            tanks: $tanks,
        );
        $axles->finish();

        return $rig;
    }

    /** @param list<LoadedTank> $tanks */
    public function carrying(array $tanks): self
    {
        return new self(
            grossLimitKg: $this->grossLimitKg,
            wheelbaseM: $this->wheelbaseM,
            front: $this->front,
            rear: $this->rear,
            trackM: $this->trackM,
            loads: $this->loads,
            tanks: $tanks,
        );
    }
}
