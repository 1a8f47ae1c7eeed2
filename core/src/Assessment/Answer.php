<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What a stage says, as one sentence around one figure that opens its sum, with a line of reason below it. */
final readonly class Answer implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $before,
        public string $figure,
        public string $after,
        public string $reason,
        public string $figureId,
    ) {
    }
}
