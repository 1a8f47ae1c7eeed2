<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One tank cut open: how it travels, and its gauge marks. Of several alike it is one. */
final readonly class TankSection implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<SectionMark> $marks
     * @param list<PortSketch> $ports in its order
     */
    public function __construct(
        public string $id,
        /** How much it travels with. */
        public string $travel,
        /** “121 L on the road”. */
        public string $travelWords,
        public float $travelLevelMm,
        /** Above its floor, as are the next. */
        public float $outletMm,
        /** … as it reads. */
        public string $outlet,
        /** The key under which it stands in the tank. */
        public string $outletKey,
        public float $overflowMm,
        /** … as it reads. */
        public string $overflow,
        public string $overflowKey,
        #[ListOf(SectionMark::class)]
        public array $marks,
        #[ListOf(PortSketch::class)]
        public array $ports,
        /** Null where another stage is looked at. */
        public ?TankDetail $detail,
    ) {
    }
}
