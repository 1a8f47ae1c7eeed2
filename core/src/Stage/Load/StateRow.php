<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One state of the rig. */
final readonly class StateRow implements Sent
{
    use SentAsDeclared;

    /** @param list<StateCell> $cells */
    public function __construct(
        public string $title,
        #[ListOf(StateCell::class)]
        public array $cells,
    ) {
    }
}
