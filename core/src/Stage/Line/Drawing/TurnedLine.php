<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** A line in one of its modes, with what hands have turned. */
final readonly class TurnedLine implements Sent
{
    /**
     * @param list<LineScene> $scenes
     * @param list<TurnedValve> $valves
     */
    public function __construct(
        /** Each outlet alone, those that run together, and all; none in a mode in which no tap is opened. */
        #[ListOf(LineScene::class)]
        public array $scenes,
        /** How every valve stands. */
        #[ListOf(TurnedValve::class)]
        public array $valves,
    ) {
    }
}
