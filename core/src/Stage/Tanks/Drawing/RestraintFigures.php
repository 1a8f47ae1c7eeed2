<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** Where the figures stand of what holds a tank, on a vehicle or a trailer. */
final readonly class RestraintFigures implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** What the straps hold forwards. */
        public string $forwardFigureId,
        /** What they hold backwards and to either side. */
        public string $sideFigureId,
        /** What they hold down over a bump. */
        public string $upFigureId,
        /** What local rules may have them hold, for a licensed person to judge. */
        public string $crashFigureId,
        /** Of each strap, where their number is known. */
        public ?string $strapForwardFigureId,
        public ?string $strapUpFigureId,
    ) {
    }
}
