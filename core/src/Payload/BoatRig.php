<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A boat; x_m is measured aft from amidships. */
final readonly class BoatRig
{
    /**
     * @param list<Mass> $loads
     * @param list<BoatTank> $tanks
     */
    public function __construct(
        /** What she displaces before the loads come aboard. */
        public float $displacementKg,
        /** Metacentric height with nothing slack. */
        public float $gmM,
        public float $loadLimitKg,
        public array $loads,
        public array $tanks,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $rig = new self(
            $in->number('displacement_kg', Range::positive()),
            $in->number('gm_m', Range::positive()),
            $in->number('load_limit_kg', Range::positive()),
            array_map(Mass::read(...), $in->objects('loads', 1000)),
            array_map(BoatTank::read(...), $in->objects('tanks', 1000)),
        );
        $in->finish();

        return $rig;
    }
}
