<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Cutting;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Cutting\CutLength;
use YardCask\Core\Cutting\Cutting;
use YardCask\Core\Cutting\CuttingCalculator;
use YardCask\Core\Cutting\CuttingInput;
use YardCask\Core\Cutting\Piece;
use YardCask\Core\Cutting\Stock;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Parts\Shopping\PipeLengths;

/** The pieces of one sort of pipe: those that can be cut, and those that are still to be measured. */
final readonly class CutList
{
    /** What a tube cutter takes: nothing; a saw, so much. */
    private const KERF_MM = 2.0;
    /** What a cut length is called that is bought, and one that the workshop has. */
    public const BOUGHT = 'length';
    public const IN_THE_WORKSHOP = 'offcut';

    /**
     * @param list<array{PipeEnding, float, list<float>}> $measured each pipe, its length in m, and what of it goes in at its ends, in mm
     * @param list<array{PipeEnding, float, list<float>}> $assumed
     * @param list<float> $offcutsM what the workshop has of it
     */
    private function __construct(
        /** By which the shopping list knows this sort of pipe. */
        public string $key,
        public string $name,
        /** Null where it is cut off a roll. */
        public ?float $soldM,
        public array $measured,
        public array $assumed,
        public array $offcutsM,
    ) {
    }

    /** @return list<self> in the order of the plan */
    public static function all(Workings $workings): array
    {
        $sorts = $names = $sold = [];
        foreach (PipeLengths::of($workings)->all as $one) {
            $pipe = $one[0]->pipe;
            $key = $pipe->stock ?? $pipe->id;
            $stock = null === $pipe->stock ? null : $workings->stock->pipe($pipe->stock);
            [$names[$key], $sold[$key]] = [$stock->name ?? $pipe->name, $stock?->soldM];
            $sorts[$key][null === $pipe->lengthM ? 'assumed' : 'measured'][] = $one;
        }
        $lists = [];
        foreach ($sorts as $key => $sort) {
            $lists[] = new self(
                key: $key,
                name: $names[$key],
                soldM: $sold[$key],
                measured: $sort['measured'] ?? [],
                assumed: $sort['assumed'] ?? [],
                offcutsM: $workings->records->offcutsM[$key] ?? [],
            );
        }

        return $lists;
    }

    /**
     * How the measured pieces are cut, from what the workshop has first; null where all come off a roll, where none is measured, or one is longer
     * than what can be had.
     */
    public function cutting(): ?Cutting
    {
        return $this->isOffARoll() ? null : $this->cut($this->measured);
    }

    private function isOffARoll(): bool
    {
        return null === $this->soldM && [] === $this->offcutsM;
    }

    /**
     * How many lengths have to be bought, or how many metres off a roll, for all pieces, the assumed ones with their allowance; null where a piece is
     * longer than what can be had.
     */
    public function bought(): ?float
    {
        $all = [...$this->measured, ...$this->assumed];
        if ($this->isOffARoll()) {
            return array_sum(array_column($all, 1));
        }
        $cutting = $this->cut($all);
        if (null === $cutting) {
            return null;
        }
        $bought = array_filter($cutting->lengths, static fn (CutLength $one): bool => self::BOUGHT === $one->name);
        $ids = array_merge(...array_column($bought, 'pieces'));
        $metres = 0.0;
        foreach ($all as [$ending, $lengthM]) {
            $metres += \in_array($ending->pipe->id, $ids, true) ? $lengthM : 0.0;
        }

        return null === $this->soldM ? $metres : (float) \count($bought);
    }

    /** @param list<array{PipeEnding, float, list<float>}> $all */
    private function cut(array $all): ?Cutting
    {
        $longestM = null === $this->soldM ? \INF : max([$this->soldM, ...$this->offcutsM]);
        if ([] === $all || max(array_column($all, 1)) > $longestM) {
            return null;
        }
        $stocks = array_map(static fn (float $m): Stock => new Stock(self::IN_THE_WORKSHOP, 1000 * $m, 0.0, 1), $this->offcutsM);
        $stocks[] = new Stock(self::BOUGHT, null === $this->soldM ? \INF : 1000 * $this->soldM, 1.0, null);
        $pieces = array_map(static fn (array $one): Piece => new Piece($one[0]->pipe->id, 1000 * $one[1]), $all);
        try {
            return CuttingCalculator::calculate(new CuttingInput($stocks, $pieces, self::KERF_MM));
        } catch (InvalidInput) {
            return null;
        }
    }
}
