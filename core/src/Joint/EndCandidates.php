<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What a measured end may be, the likeliest first. */
final readonly class EndCandidates implements \JsonSerializable
{
    /** @param list<EndCandidate> $all */
    public function __construct(public array $all)
    {
    }

    /** @return array{candidates: list<array{name: string, end: End, off_mm: float, off_tpi: float|null, tell: string}>} */
    public function jsonSerialize(): array
    {
        $candidates = [];
        foreach ($this->all as $index => $one) {
            $candidates[] = [
                'name' => $one->name(),
                'end' => $one->end,
                'off_mm' => $one->offMm,
                'off_tpi' => $one->offTpi,
                // The last is told from the one before it.
                'tell' => $one->tellFrom($this->all[$index + 1] ?? $this->all[$index - 1] ?? null),
            ];
        }

        return ['candidates' => $candidates];
    }
}
