<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/** The answer of the demand calculator. */
final readonly class Demand implements \JsonSerializable
{
    /**
     * @param list<UseDemand> $uses
     * @param array<array-key, SupplyDemand> $supplies by name, in the order of their first use
     */
    public function __construct(
        public array $uses,
        public array $supplies,
    ) {
    }

    public function supply(string $name): SupplyDemand
    {
        return $this->supplies[$name] ?? new SupplyDemand();
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['uses' => $this->uses, 'supplies' => (object) $this->supplies];
    }
}
