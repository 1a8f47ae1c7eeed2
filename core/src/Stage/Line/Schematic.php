<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/**
 * Where each part of the line is drawn: in columns along the water, a branch on a row of its own, as near as there is room.
 *
 * A part stands one column after the last of those from which its pipes come (longest path); what begins elsewhere than at a tank is
 * drawn up to where it joins. The longest way keeps its row; the same line always gives the same drawing.
 */
final class Schematic
{
    /** @var array<string, int> */
    public array $columns = [];
    /** @var array<string, int> */
    public array $rows = [];
    /** @var array<string, list<string>> */
    private array $next = [];
    /** @var array<string, list<string>> */
    private array $before = [];
    /** @var array<int, list<array{int, int}>> spans that are taken, by row */
    private array $taken = [];
    /** @var array<string, int> how far the water goes on from each */
    private array $depth = [];
    /** @var array<int, array<int, list<array{int, int, string, string}>>> spans that are taken, by the row above and the lane */
    private array $lanes = [];
    /** @var array<string, string> from which element each was placed */
    private array $parents = [];

    private function __construct(private readonly LineGraph $graph)
    {
        $this->connect();
        foreach (array_keys($this->next) as $id) {
            $this->depthOf($id);
        }
        foreach (array_keys($this->next) as $id) {
            $this->columnOf($id);
        }
        $this->pullIn();
        $this->placeRows();
    }

    public static function of(LineGraph $graph): self
    {
        return new self($graph);
    }

    /** What an end is drawn as: a part, or a tank once where water is drawn and once where it falls in. */
    public static function element(LineEnd $end): string
    {
        return PartPort::Inlet === $end->port ? $end->owner->id.'.inlet' : $end->owner->id;
    }

    /**
     * Where a pipe runs that joins what stands already: along its own row where nothing stands on it up to there, else on a lane between
     * two rows: below its own, or below the one above where it goes up.
     *
     * @return array{int, int}|null the row above the lane, -1 above the first, and which of the lanes there; null where it runs on its row
     */
    public function lane(string $from, string $to): ?array
    {
        [$row, $first, $last] = [$this->rows[$from], $this->columns[$from], $this->columns[$to]];
        if (
            $this->parentOf($to) === $from
            || [] === array_filter(
                $this->columns,
                fn (int $column, string $id): bool => $row === $this->rows[$id] && $column > $first && $column <= $last,
                \ARRAY_FILTER_USE_BOTH,
            )
        ) {
            return null;
        }
        $below = $this->rows[$to] < $row ? $row - 1 : $row;
        $number = 0;
        $meets = static fn (array $span): bool => $span[0] < $last && $span[1] > $first && $span !== [$first, $last, $from, $to];
        while ([] !== array_filter($this->lanes[$below][$number] ?? [], $meets)) {
            ++$number;
        }
        $this->lanes[$below][$number][] = [$first, $last, $from, $to];

        return [$below, $number];
    }

    /** @return list<int> how many lanes there are above the first row, and below each; once all pipes have theirs */
    public function lanesBelow(): array
    {
        return array_map(fn (int $row): int => \count($this->lanes[$row] ?? []), range(-1, max([0, ...array_values($this->rows)])));
    }

    /** The element from whose row it branches or goes on; null of a beginning. */
    public function parentOf(string $element): ?string
    {
        return $this->parents[$element] ?? null;
    }

    private function connect(): void
    {
        foreach ($this->graph->plan->line->parts as $part) {
            if ([] !== $part->kind->ports()) {
                $this->next[$part->id] = [];
                $this->before[$part->id] = [];
            }
        }
        foreach ($this->graph->pipes as $pipe) {
            [$from, $to] = [self::element($pipe->from), self::element($pipe->to)];
            // Out of an inlet of a tank nothing comes, and into an outlet nothing goes.
            if (PartPort::Inlet === $pipe->from->port || PartPort::Outlet === $pipe->to->port) {
                [$from, $to] = [$to, $from];
            }
            // What would lead back is drawn forward.
            if ($this->leads($to, $from)) {
                [$from, $to] = [$to, $from];
            }
            if ($from === $to) {
                continue;
            }
            $this->next[$from][] = $to;
            $this->next[$to] ??= [];
            $this->before[$to][] = $from;
            $this->before[$from] ??= [];
        }
    }

    private function leads(string $from, string $to): bool
    {
        $seen = [$from => true];
        $queue = [$from];
        while ([] !== $queue) {
            $id = array_shift($queue);
            if ($id === $to) {
                return true;
            }
            foreach ($this->next[$id] ?? [] as $next) {
                if (!isset($seen[$next])) {
                    $seen[$next] = true;
                    $queue[] = $next;
                }
            }
        }

        return false;
    }

    private function depthOf(string $id): int
    {
        return $this->depth[$id] ??= 1 + max([-1, ...array_map($this->depthOf(...), $this->next[$id])]);
    }

    private function columnOf(string $id): int
    {
        return $this->columns[$id] ??= 1 + max([-1, ...array_map($this->columnOf(...), $this->before[$id])]);
    }

    /** What begins at an inlet in the wall stands just before where it joins. */
    private function pullIn(): void
    {
        $byColumn = $this->columns;
        arsort($byColumn);
        foreach (array_keys($byColumn) as $id) {
            if ([] === $this->next[$id] || $this->isFromTank($id)) {
                continue;
            }
            $this->columns[$id] = max($this->columns[$id], min(array_map(fn (string $next): int => $this->columns[$next], $this->next[$id])) - 1);
        }
    }

    private function isFromTank(string $id): bool
    {
        return [] === $this->before[$id] ? null === $this->graph->plan->line->part($id) : [] !== array_filter($this->before[$id], $this->isFromTank(...));
    }

    private function placeRows(): void
    {
        $sources = array_keys(array_filter($this->before, static fn (array $before): bool => [] === $before));
        // Tanks first, those from which the water goes farthest before the others.
        usort($sources, fn (string $a, string $b): int => [$this->isFromTank($b), $this->depth[$b]] <=> [$this->isFromTank($a), $this->depth[$a]]);
        foreach ($sources as $source) {
            $this->place($source, null);
        }
        $least = [] === $this->rows ? 0 : min($this->rows);
        $this->rows = array_map(static fn (int $row): int => $row - $least, $this->rows);
    }

    /** @param string|null $parent from which it branches off */
    private function place(string $id, ?string $parent): void
    {
        $chain = [$id];
        $last = $id;
        while (null !== $next = $this->furthest($last)) {
            $chain[] = $last = $next;
        }
        $from = null === $parent ? $this->columns[$id] : $this->columns[$parent];
        $to = $this->columns[$last];
        $near = null === $parent ? 0 : $this->rows[$parent];
        foreach (array_merge(...array_map(fn (string $one): array => $this->next[$one], $chain)) as $joined) {
            // Pipes that join what stands already run along this row up to there.
            if (isset($this->rows[$joined])) {
                $to = max($to, $this->columns[$joined]);
                $near = null === $parent ? $this->rows[$joined] : $near;
            }
        }
        $row = $this->freeRow($near, $from, $to, null === $parent && !isset($this->taken[0]));
        $this->taken[$row][] = [$from, $to];
        $before = $parent;
        foreach ($chain as $one) {
            $this->rows[$one] = $row;
            if (null !== $before) {
                $this->parents[$one] = $before;
            }
            $before = $one;
        }
        foreach (array_reverse($chain) as $one) {
            foreach ($this->next[$one] as $branch) {
                if (!isset($this->rows[$branch])) {
                    $this->place($branch, $one);
                }
            }
        }
    }

    private function furthest(string $id): ?string
    {
        $best = null;
        foreach ($this->next[$id] as $next) {
            if (!isset($this->rows[$next]) && (null === $best || $this->depth[$next] > $this->depth[$best])) {
                $best = $next;
            }
        }

        return $best;
    }

    private function freeRow(int $near, int $from, int $to, bool $isFirst): int
    {
        if ($isFirst) {
            return $near;
        }
        for ($away = 1;; ++$away) {
            foreach ([$near + $away, $near - $away] as $row) {
                if ([] === array_filter($this->taken[$row] ?? [], static fn (array $span): bool => $span[0] <= $to && $span[1] >= $from)) {
                    return $row;
                }
            }
        }
    }
}
