<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** Adapters one behind the other. */
final readonly class AdapterChain
{
    /** @param list<array{Adapter, bool}> $links each, and whether it is turned round, its far end first */
    public function __construct(
        public array $links,
        public float $price,
    ) {
    }

    /** @return list<string> the ids of its adapters, in their order */
    public function ids(): array
    {
        return array_map(static fn (array $link): string => $link[0]->id, $this->links);
    }
}
