<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Stage\SentBox;

/** Something in the way, as it stands in the rig. */
final readonly class ObstructionSketch implements Sent
{
    public function __construct(
        public string $id,
        public string $name,
        public SentBox $box,
    ) {
    }
}
