<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

/**
 * A mode with how the valves are turned for it, and what is still wrong then.
 *
 * @phpstan-type ModeValues array{string, array<string, string>, array<string, list<string>>, array<int, true>}
 */
final readonly class FoundMode
{
    /**
     * @param array<string, Position> $positions of all that turns, by id
     * @param array<string, list<string>> $troubles ids of the parts it is about, by the trouble's value
     * @param array<int, true> $path the pipes through which something flows, by their places in the plan
     */
    public function __construct(
        public LineMode $mode,
        public array $positions,
        public array $troubles,
        public array $path,
    ) {
    }

    /** @return ModeValues */
    public function values(): array
    {
        return [$this->mode->value, array_map(static fn (Position $one): string => $one->value, $this->positions), $this->troubles, $this->path];
    }

    /** @param ModeValues $values as values() gave them */
    public static function ofValues(array $values): self
    {
        return new self(LineMode::from($values[0]), array_map(Position::from(...), $values[1]), $values[2], $values[3]);
    }

    /** @param array<string, Position> $turned valves that somebody turns otherwise, by id */
    public function turned(array $turned): self
    {
        return [] === $turned ? $this : new self($this->mode, $turned + $this->positions, $this->troubles, $this->path);
    }

    /** @return list<string>|null the parts that it is about; null where it does not happen */
    public function about(ModeTrouble $trouble): ?array
    {
        return $this->troubles[$trouble->value] ?? null;
    }
}
