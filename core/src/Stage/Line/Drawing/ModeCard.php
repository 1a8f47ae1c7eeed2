<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A mode: how the valves are turned, in the order of the water, and what comes of it. */
final readonly class ModeCard implements Sent, \JsonSerializable
{
    use SentAsDeclared;

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
        /** Of the water that stays in the line; null of any mode but draining. */
        public ?string $leftFigureId,
        /** Empty where all is well. */
        public string $trouble,
    ) {
    }
}
