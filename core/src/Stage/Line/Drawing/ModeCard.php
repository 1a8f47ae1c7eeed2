<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** A mode: how the valves are turned, in the order of the water, and what comes of it. */
final readonly class ModeCard implements Sent
{
    /**
     * @param list<string> $steps
     * @param list<string> $pipes
     */
    public function __construct(
        public string $id,
        public string $title,
        #[ListOf('string')]
        public array $steps,
        public string $care,
        /** Through which something flows. */
        #[ListOf('string')]
        public array $pipes,
        /** Empty where all is well. */
        public string $trouble,
    ) {
    }
}
