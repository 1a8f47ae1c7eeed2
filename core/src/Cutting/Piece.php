<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** A piece that is needed. */
final readonly class Piece
{
    public function __construct(
        public string $name,
        public float $lengthMm,
    ) {
    }
}
