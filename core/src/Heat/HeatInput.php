<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;

/** What is to be mixed, warmed or waited for; any of them may be missing. */
final readonly class HeatInput
{
    private const MOST_PORTIONS = 100;

    /** @param list<Portion>|null $mix */
    public function __construct(
        public ?array $mix,
        public ?Store $store,
        public ?InstantHeater $instant,
        public ?Shower $shower,
        public ?DeadLeg $deadLeg,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $mix = $in->has('mix') ? array_map(Portion::read(...), $in->objects('mix', self::MOST_PORTIONS)) : null;
        if (!$in->failed() && null !== $mix && array_sum(array_column($mix, 'litres')) <= 0) {
            $in->fail('mix', 'There is nothing to mix.');
        }
        $input = new self(
            $mix,
            $in->has('store') ? Store::read($in->object('store')) : null,
            $in->has('instant') ? InstantHeater::read($in->object('instant')) : null,
            $in->has('shower') ? Shower::read($in->object('shower')) : null,
            $in->has('dead_leg') ? DeadLeg::read($in->object('dead_leg')) : null,
        );
        $in->finish();

        return $input;
    }
}
