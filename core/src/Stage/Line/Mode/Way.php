<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Plan\Line\PlannedPart;

/** A connection between two nodes of the line, through a pipe or a part; it may need a valve in a certain position. */
final readonly class Way
{
    public function __construct(
        public string $from,
        public string $to,
        /** Whether it can be passed backwards too. */
        public bool $both,
        /** The pipe's place in the plan. */
        public ?int $pipe = null,
        public ?PlannedPart $part = null,
        public ?Position $needs = null,
    ) {
    }

    /** @param array<string, Position>|null $positions by the valves' ids; null treats every valve as open in every direction */
    public function isOpen(?array $positions): bool
    {
        return null === $positions || null === $this->needs || null === $this->part || ($positions[$this->part->id] ?? $this->needs) === $this->needs;
    }

    /** Where it leads from a node; null where it cannot be passed from there. */
    public function beyond(string $node): ?string
    {
        return $this->from === $node ? $this->to : ($this->both ? $this->from : null);
    }

    /** From where it brings to a node; null where it cannot be passed towards it. */
    public function before(string $node): ?string
    {
        return $this->to === $node ? $this->from : ($this->both ? $this->to : null);
    }
}
