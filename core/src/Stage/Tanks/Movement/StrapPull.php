<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

/** What one strap of a tank pulls, and which way the tank pulls it. */
final readonly class StrapPull
{
    public function __construct(
        public float $kg,
        /** Forward, side or up. */
        public string $way,
    ) {
    }
}
