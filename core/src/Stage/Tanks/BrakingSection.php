<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A tank while its rig brakes hard, as it travels. The surface, told of boxes only, may run on above the lid and below the floor. */
final readonly class BrakingSection implements Sent
{
    use SentAsDeclared;

    public function __construct(
        /** Above the floor at the front wall, to which it would stand in an open pipe there. */
        public ?float $frontMm,
        /** At the rear wall; below the floor when negative. */
        public ?float $rearMm,
        public ?string $levelFigureId,
        /** What the straps hold forwards. */
        public string $forwardFigureId,
        /** What they hold backwards and to either side. */
        public string $sideFigureId,
        /** What they hold down over a bump. */
        public string $upFigureId,
        /** Of each strap, where their number is known. */
        public ?string $strapForwardFigureId,
        public ?string $strapUpFigureId,
        /** Null where there is nothing to slosh. */
        public ?string $sloshFigureId,
    ) {
    }
}
