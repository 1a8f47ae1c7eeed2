<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** Sizes of one sort, tried one after the other. */
final readonly class SizingTable implements Sent
{
    /**
     * @param list<string> $columns
     * @param list<SizingRow> $rows
     */
    public function __construct(
        public string $id,
        public string $title,
        /** What is wanted, in words. */
        public string $wanted,
        #[ListOf('string')]
        public array $columns,
        #[ListOf(SizingRow::class)]
        public array $rows,
    ) {
    }

    /**
     * The cheapest that does what is wanted and harms nothing else in the plan is marked.
     *
     * @param list<string> $columns
     * @param list<SizingCandidate> $candidates
     */
    public static function cheapestFirst(string $id, string $title, string $wanted, array $columns, array $candidates, SizingWork $work): self
    {
        usort($candidates, static fn (SizingCandidate $a, SizingCandidate $b): int => $a->price <=> $b->price);
        $found = false;
        $rows = [];
        foreach ($candidates as $one) {
            $tried = null === $one->fix || !$one->does || $found ? null : $work->trial->effect($one->fix);
            $does = $one->does && ($found || null === $one->fix || null !== $tried);
            $smallest = $does && !$found && (null === $tried || $tried->isHarmless());
            $fix = null === $one->fix || ($one->does && !$does) ? null : $work->sent($one->fix, $tried);
            $rows[] = new SizingRow($one->name, $one->cells, $does, $smallest, null === $one->fix, $fix);
            $found = $found || $smallest;
        }

        return new self($id, $title, $wanted, $columns, $rows);
    }
}
