<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** Pressures and flows of a line. */
final readonly class Line implements \JsonSerializable
{
    /**
     * @param array<string, float|null> $nodesKpa by id, above the air outside; null where no source reaches it forward
     * @param array<string, float> $linksLpm by id
     * @param array<string, array{lpm: float, kpa: float|null}> $outlets by id
     */
    public function __construct(
        public array $nodesKpa,
        public array $linksLpm,
        public array $outlets,
        public bool $converged,
        public int $iterations,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'nodes' => (object) array_map(
                static fn (?float $kpa): array => null === $kpa ? ['pressure_kpa' => null, 'reason' => 'no_source'] : ['pressure_kpa' => $kpa],
                $this->nodesKpa,
            ),
            'links' => (object) array_map(static fn (float $lpm): array => ['flow_lpm' => $lpm], $this->linksLpm),
            'outlets' => (object) array_map(
                static fn (array $outlet): array => ['flow_lpm' => $outlet['lpm'], 'pressure_kpa' => $outlet['kpa']],
                $this->outlets,
            ),
            'converged' => $this->converged,
            'iterations' => $this->iterations,
        ];
    }
}
