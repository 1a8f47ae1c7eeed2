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
        $axles = $in->object('axles');
        $rig = new self(
            $in->number('gross_limit_kg', Range::positive()),
            $axles->number('wheelbase_m', Range::positive()),
            Axle::read($axles->object('front')),
            Axle::read($axles->object('rear')),
            $in->number('track_m', Range::positive()),
            array_map(Mass::read(...), $in->objects('loads', 1000)),
            array_map(LoadedTank::read(...), $in->objects('tanks', 1000)),
        );
        $axles->finish();
        $in->finish();

        return $rig;
    }
}
