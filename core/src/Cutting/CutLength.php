<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** A length that is bought or taken, and what is cut from it. */
final readonly class CutLength implements \JsonSerializable
{
    /** @param list<string> $pieces their names */
    public function __construct(
        public string $name,
        public array $pieces,
        public float $offcutMm,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->name, 'pieces' => $this->pieces, 'offcut_mm' => $this->offcutMm];
    }
}
