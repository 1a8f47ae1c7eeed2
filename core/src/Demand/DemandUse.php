<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** One thing that water is used for: litres at a time, how often, for whom, out of which supply. */
final readonly class DemandUse
{
    public function __construct(
        public string $name,
        /** Litres used at one time, 0 or more. */
        public float $litres,
        public Each $each,
        /** Times a day or a stay, 0 or more. */
        public float $times,
        public Per $per,
        public string $supply = 'main',
        /** Likely spread as a fraction of the litres, 0 to 1. */
        public float $spread = 0.25,
    ) {
    }

    /** `litres`, or `flow_lpm` with `minutes`; `per_day` or `per_stay`. */
    public static function read(InputReader $in): self
    {
        $hasLitres = $in->has('litres');
        $hasFlow = $in->has('flow_lpm') || $in->has('minutes');
        if ($hasLitres && $hasFlow) {
            $in->fail('litres', 'Give litres, or flow_lpm with minutes, not both.');
        }
        $litres = !$hasFlow ? $in->number('litres', Range::notNegative()) : ($hasLitres ? $in->number('litres', Range::notNegative()) : 0.0);
        if ($hasFlow) {
            $litres = $in->number('flow_lpm', Range::notNegative()) * $in->number('minutes', Range::notNegative());
        }
        $perStay = $in->has('per_stay');
        if ($perStay && $in->has('per_day')) {
            $in->fail('per_stay', 'Give per_day or per_stay, not both.');
            $in->number('per_day', Range::notNegative());
        }
        $use = new self(
            name: $in->text('name', 200),
            litres: $litres,
            each: $in->choice('each', Each::cases()),
            times: $in->number($perStay ? 'per_stay' : 'per_day', Range::notNegative()),
            per: $perStay ? Per::Stay : Per::Day,
            supply: $in->text('supply', 60, 'main'),
            spread: $in->number('spread', Range::between(0, 1), 0.25),
        );
        $in->finish();

        return $use;
    }
}
