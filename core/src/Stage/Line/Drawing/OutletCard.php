<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** An outlet: what it gives alone, and what of it is hot. */
final readonly class OutletCard implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $name,
        public string $figureId,
        public string $words,
        /** What people usually want of such an outlet, and why. */
        public string $usual,
        /** The tanks that it draws on. */
        public string $draws,
        /** The figure of what these give. */
        public string $drawnFigureId,
        /** Empty where no hot water comes. */
        public string $hot,
        public bool $enough,
        public bool $together,
        public string $togetherPointer,
    ) {
    }
}
