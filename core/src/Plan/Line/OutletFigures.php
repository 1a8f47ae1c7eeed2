<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A tap, a shower, a washer: how freely it flows, and what people want of it. */
#[Tag('family', PartFamily::Outlet)]
final readonly class OutletFigures implements PartFigures, Checked
{
    use WrittenAsDeclared;

    /** At which its flow is stated. */
    public const RATED_KPA = 100;

    public function __construct(
        #[Measured('what flows from it at {rated_at}', 'Flows at {rated_at}', Kind::Flow, Unit::LitrePerMinute, 0.1, 200)]
        public float $openLpm,
        #[Measured('the least flow that is comfortable', 'Needs at least', Kind::Flow, Unit::LitrePerMinute, 0.1, 100)]
        public float $leastLpm,
        #[Measured('the flow above which water is wasted', 'At most', Kind::Flow, Unit::LitrePerMinute, 0.1, 100)]
        public float $mostLpm,
        /** 0 where any will do. */
        #[Measured('the least pressure that it needs', 'Needs', Kind::Pressure, Unit::Kilopascal, 0, 1000)]
        public float $leastKpa,
    ) {
    }

    public function check(InputReader $in): void
    {
        if ($this->mostLpm < $this->leastLpm) {
            $in->fail('most_lpm', \sprintf('At most %s L/min is below the %s L/min that it needs at least.', $this->mostLpm, $this->leastLpm));
        }
    }
}
