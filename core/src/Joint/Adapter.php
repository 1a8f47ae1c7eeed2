<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** Something with two ends that can stand between two others. */
final readonly class Adapter
{
    public function __construct(
        public string $id,
        public PortEnd $near,
        public PortEnd $far,
        /** Not negative, in no currency. */
        public float $price,
    ) {
    }
}
