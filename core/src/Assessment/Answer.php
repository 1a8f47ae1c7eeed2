<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What a stage says, as one sentence around one figure that opens its sum, with a line of reason below it. */
final readonly class Answer implements \JsonSerializable
{
    public function __construct(
        public string $before,
        public string $figure,
        public string $after,
        public string $reason,
        public string $figureId,
    ) {
    }

    /** @return array<string, string> */
    public function jsonSerialize(): array
    {
        return ['before' => $this->before, 'figure' => $this->figure, 'after' => $this->after, 'reason' => $this->reason, 'figure_id' => $this->figureId];
    }
}
