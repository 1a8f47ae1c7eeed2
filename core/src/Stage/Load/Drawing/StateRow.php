<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** One state of the rig. */
final readonly class StateRow implements Sent
{
    /** @param list<StateCell> $cells */
    public function __construct(
        public string $title,
        #[ListOf(StateCell::class)]
        public array $cells,
    ) {
    }
}
