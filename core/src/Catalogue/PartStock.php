<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\PartReader;
use YardCask\Core\Plan\Line\PartKind;

/** The parts and pipes that can be had, read one at a time when they are asked for. */
final class PartStock
{
    private const MOST = 2000;
    /** @var array<string, InputReader>|null by id */
    private ?array $parts = null;
    /** @var array<string, InputReader> by id */
    private array $pipes = [];
    /** @var array<string, string> the kind by id */
    private array $kinds = [];
    /** @var array<string, StockPart> */
    private array $readParts = [];

    /** @param \Closure(): list<string> $json the files, when they are first needed; what stands in a later one comes before */
    public function __construct(private readonly \Closure $json)
    {
    }

    public static function none(): self
    {
        return new self(static fn (): array => []);
    }

    public function isEmpty(): bool
    {
        return [] === $this->open();
    }

    public function part(string $id): ?StockPart
    {
        $in = $this->open()[$id] ?? null;
        if (null === $in) {
            return null;
        }
        if (!isset($this->readParts[$id])) {
            $this->readParts[$id] = (new PartReader())->read(StockPart::class, $in);
            $in->throwIfInvalid();
        }

        return $this->readParts[$id];
    }

    public function pipe(string $id): ?StockPipe
    {
        $this->open();
        if (!isset($this->pipes[$id])) {
            return null;
        }
        $pipe = (new PartReader())->read(StockPipe::class, $this->pipes[$id]);
        $this->pipes[$id]->throwIfInvalid();

        return $pipe;
    }

    /** @return list<StockPart> of some kinds, or of all, in the order of the catalogue */
    public function parts(PartKind ...$kinds): array
    {
        $ids = array_keys($this->open());
        if ([] !== $kinds) {
            $wanted = array_column($kinds, 'value');
            $ids = array_values(array_filter($ids, fn (string $id): bool => \in_array($this->kinds[$id], $wanted, true)));
        }

        return array_values(array_filter(array_map(fn (string $id): ?StockPart => $this->part($id), $ids)));
    }

    /** @return list<StockPipe> */
    public function pipes(): array
    {
        $this->open();

        return array_values(array_filter(array_map(fn (string $id): ?StockPipe => $this->pipe($id), array_keys($this->pipes))));
    }

    /** @return array<string, InputReader> */
    private function open(): array
    {
        if (null !== $this->parts) {
            return $this->parts;
        }
        $parts = [];
        foreach (($this->json)() as $json) {
            $in = InputReader::of(Json::decode($json));
            foreach ($in->objects('parts', self::MOST) as $one) {
                $id = $one->text('id', Id::MAX_LENGTH);
                $parts[$id] = $one;
                $this->kinds[$id] = $one->text('kind', 40);
            }
            foreach ($in->has('pipes') ? $in->objects('pipes', self::MOST) : [] as $one) {
                $this->pipes[$one->text('id', Id::MAX_LENGTH)] = $one;
            }
            $in->throwIfInvalid();
        }

        return $this->parts = $parts;
    }
}
