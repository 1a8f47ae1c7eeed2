<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** What an open outlet gives in a scene. */
final readonly class SceneTap implements Sent
{
    public function __construct(
        public string $outlet,
        public string $name,
        public string $text,
        /** “at 43 kPa, 38 °C”. */
        public string $words,
        public bool $enough,
    ) {
    }
}
