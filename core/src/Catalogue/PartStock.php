<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Input\Json;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\Tube;

/** The parts, pipes and tanks that can be had. Files are opened in their order, when they are needed, and parts read one at a time. */
final class PartStock
{
    /** @var array<int, PartFile> those that are open, by their place */
    private array $open = [];
    /** @var array<string, StockPart> */
    private array $parts = [];

    /** @var list<StockTank>|null */
    private ?array $tanks = null;
    /** @var array<string, StockFitting>|null by id */
    private ?array $fittings = null;
    /** @var array<string, list<StockFitting>>|null by the kind's value */
    private ?array $byKind = null;

    /**
     * @param list<\Closure(): PartFile> $files no two name the same id
     * @param (\Closure(): list<StockTank>)|null $tankFile none where no tank can be had
     * @param (\Closure(): list<StockFitting>)|null $fittingFile none where no fitting can be had
     */
    public function __construct(
        private readonly array $files,
        private readonly ?\Closure $tankFile = null,
        private readonly ?\Closure $fittingFile = null,
    ) {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @return list<StockTank> */
    public function tanks(): array
    {
        return $this->tanks ??= null === $this->tankFile ? [] : ($this->tankFile)();
    }

    /** @return array<string, StockFitting> by id, in the order of the file */
    public function fittings(): array
    {
        return $this->fittings ??= null === $this->fittingFile ? [] : array_column(($this->fittingFile)(), null, 'id');
    }

    /** @return list<StockFitting> in the order of the file */
    public function fittingsOf(FittingKind $kind): array
    {
        if (null === $this->byKind) {
            $this->byKind = [];
            foreach ($this->fittings() as $one) {
                $this->byKind[$one->kind->value][] = $one;
            }
        }

        return $this->byKind[$kind->value] ?? [];
    }

    public function isEmpty(): bool
    {
        foreach ($this->files() as $file) {
            if ([] !== $file->parts) {
                return false;
            }
        }

        return true;
    }

    public function part(string $id): ?StockPart
    {
        foreach (isset($this->parts[$id]) ? [] : $this->files() as $file) {
            if (isset($file->parts[$id])) {
                $this->parts[$id] = StockPart::fromDocument(Json::decode($file->parts[$id][1]));
                break;
            }
        }

        return $this->parts[$id] ?? null;
    }

    public function pipe(string $id): ?StockPipe
    {
        foreach ($this->files() as $file) {
            if (isset($file->pipes[$id])) {
                return StockPipe::fromDocument(Json::decode($file->pipes[$id]));
            }
        }

        return null;
    }

    /** The part that is put in for this: of those that the pipe can be joined to, where there are any, the nearest to its bore. */
    public function usual(UsualFor $use, ?Tube $tube = null): ?StockPart
    {
        $parts = array_values(array_filter(array_map($this->part(...), $this->usualIds($use, $tube?->boreMm))));
        $end = null === $tube?->end ? null : PortEnd::read($tube->end)->end;
        foreach ($parts as $part) {
            if (null !== $end && $part->takes($end)) {
                return $part;
            }
        }

        return $parts[0] ?? null;
    }

    public function usualPipe(UsualFor $use): ?StockPipe
    {
        $ids = $this->usualIds($use, null);

        return [] === $ids ? null : $this->pipe($ids[0]);
    }

    /** @return list<string> the nearest to a bore first */
    private function usualIds(UsualFor $use, ?float $boreMm): array
    {
        foreach ($this->files() as $file) {
            $all = $file->usual[$use->value] ?? [];
            $off = static fn (?float $usualMm): float => null === $boreMm || null === $usualMm ? 0.0 : abs($usualMm - $boreMm);
            usort($all, static fn (array $one, array $other): int => $off($one[1]) <=> $off($other[1]));
            if ([] !== $all) {
                return array_column($all, 0);
            }
        }

        return [];
    }

    /** @return list<StockPart> of some kinds, or of all, in the order of the files */
    public function parts(PartKind ...$kinds): array
    {
        $wanted = array_column($kinds, 'value');
        $parts = [];
        foreach ($this->files() as $file) {
            foreach ($file->parts as $id => [$kind]) {
                if ([] === $kinds || \in_array($kind, $wanted, true)) {
                    $parts[] = $this->part($id);
                }
            }
        }

        return array_values(array_filter($parts));
    }

    /** @return list<StockPipe> */
    public function pipes(): array
    {
        $ids = [];
        foreach ($this->files() as $file) {
            array_push($ids, ...array_keys($file->pipes));
        }

        return array_values(array_filter(array_map($this->pipe(...), $ids)));
    }

    /** @return iterable<PartFile> each opened when it is come to */
    private function files(): iterable
    {
        foreach ($this->files as $index => $file) {
            yield $this->open[$index] ??= $file();
        }
    }
}
