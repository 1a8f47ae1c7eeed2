<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\PlanPatch;

/** Something that a bay's place can be taped from; the patch keeps the bay where it is. */
final readonly class TapedFrom implements Sent
{
    public function __construct(
        public string $value,
        public string $text,
        public PlanPatch $patch,
    ) {
    }
}
