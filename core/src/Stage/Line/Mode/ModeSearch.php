<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/**
 * How the valves have to be turned for each mode, found by search: of all positions the one that troubles least, then the one nearest
 * to that of use. Water spreads from where the mode begins along whatever lets it.
 *
 * @phpstan-import-type ModeValues from FoundMode
 */
final class ModeSearch implements KeptWorkings
{
    /** With more that turns, what comes later stays as in use. */
    private const MOST_TURNING = 9;
    private const NO_WAY = 100_000;
    private const ASTRAY = 1_000;

    /** @param array<string, FoundMode|null> $found by the mode’s value; null of a mode that the line does not have */
    private function __construct(
        private readonly ModeWays $ways,
        private array $found,
        private readonly int $recalled,
    ) {
    }

    public static function over(Workings $workings): static
    {
        /** @var array<string, ModeValues|null> $kept */
        $kept = $workings->recalled(self::class, self::sections()) ?? [];
        $found = array_map(static fn (?array $values): ?FoundMode => null === $values ? null : FoundMode::ofValues($values), $kept);

        return new self(ModeWays::of($workings->of(LineGraph::class)), $found, \count($kept));
    }

    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function toKeep(): ?array
    {
        return \count($this->found) === $this->recalled ? null : array_map(static fn (?FoundMode $one): ?array => $one?->values(), $this->found);
    }

    public function ways(): ModeWays
    {
        return $this->ways;
    }

    public function of(LineMode $mode): FoundMode
    {
        return $this->find($mode) ?? new FoundMode($mode, [], [], []);
    }

    /** @return list<FoundMode> those that this line has */
    public function all(): array
    {
        return array_values(array_filter(array_map($this->find(...), LineMode::cases())));
    }

    private function find(LineMode $mode): ?FoundMode
    {
        if (!\array_key_exists($mode->value, $this->found)) {
            $this->found[$mode->value] = $this->ways->has($mode) ? $this->search($mode) : null;
        }

        return $this->found[$mode->value];
    }

    private function search(LineMode $mode): FoundMode
    {
        $turning = \array_slice($this->ways->open->turning, 0, self::MOST_TURNING, true);
        $first = array_map(static fn (array $ways): Position => $ways[0], $this->ways->open->turning);
        $usual = LineMode::Use === $mode ? $first : $this->of(LineMode::Use)->positions + $first;
        $best = null;
        $bestScore = \PHP_INT_MAX;
        foreach (self::combinations($turning) as $chosen) {
            $positions = $chosen + $usual;
            $one = $this->ways->tried($mode, $positions);
            $turned = \count(array_filter($positions, static fn (Position $position, string $id): bool => $position !== $usual[$id], \ARRAY_FILTER_USE_BOTH));
            $score = $turned;
            foreach ($one->troubles as $trouble => $about) {
                // Better astray as well than not at all.
                $score += \count($about) * (ModeTrouble::NoWay->value === $trouble ? self::NO_WAY : self::ASTRAY);
            }
            if ($score < $bestScore) {
                [$best, $bestScore] = [$one, $score];
            }
            if (0 === $bestScore) {
                break;
            }
        }

        return $best ?? $this->ways->tried($mode, $usual);
    }

    /**
     * @param array<string, non-empty-list<Position>> $turning
     *
     * @return \Generator<array<string, Position>>
     */
    private static function combinations(array $turning): \Generator
    {
        $total = array_product(array_map(\count(...), $turning));
        for ($number = 0; $number < $total; ++$number) {
            $rest = $number;
            $chosen = [];
            foreach ($turning as $id => $ways) {
                $chosen[$id] = $ways[$rest % \count($ways)];
                $rest = intdiv($rest, \count($ways));
            }
            yield $chosen;
        }
    }
}
