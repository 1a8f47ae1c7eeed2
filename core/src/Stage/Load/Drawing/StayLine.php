<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** One weight over the stay: what is left to a limit, or how much more the right wheels carry, in kg. */
final readonly class StayLine implements Sent
{
    /** @param list<float> $kg at each step */
    public function __construct(
        public string $name,
        /** “42 kg left brim full, 118 kg used up”. */
        public string $words,
        #[ListOf('float')]
        public array $kg,
        public bool $broken,
    ) {
    }
}
