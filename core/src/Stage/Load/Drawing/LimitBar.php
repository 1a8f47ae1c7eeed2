<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One limit as the drawing's bar shows it; shares are of the limit. */
final readonly class LimitBar implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $name,
        public string $title,
        public string $limit,
        public string $travel,
        /** “53 kg left”. */
        public string $spare,
        public float $travelShare,
        public float $fullShare,
        public bool $over,
        public bool $overFull,
        /** Under which place along the rig it hangs; none for the whole. */
        public ?float $xM,
    ) {
    }
}
