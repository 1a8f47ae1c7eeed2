<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Where water comes from: a free surface at a height, or a pressure at its node. */
final readonly class LineSource
{
    public function __construct(
        public string $node,
        /** Of the free surface. */
        public ?float $levelM,
        public ?float $pressureKpa,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $source = new self(
            $in->text('node', LinkEnds::LONGEST_ID),
            $in->optionalNumber('level_m', Range::any()),
            $in->optionalNumber('pressure_kpa', Range::any()),
        );
        if (!$in->failed() && (null === $source->levelM) === (null === $source->pressureKpa)) {
            $in->fail(
                null === $source->levelM ? 'level_m' : 'pressure_kpa',
                null === $source->levelM ? 'A source has a level_m or a pressure_kpa.' : 'Give a level_m or a pressure_kpa, not both.',
            );
        }
        $in->finish();

        return $source;
    }
}
