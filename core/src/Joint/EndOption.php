<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

use YardCask\Core\Output\Sent;

/** One of the choices that there are. */
final readonly class EndOption implements Sent
{
    public function __construct(
        public string $value,
        public string $text,
        /** Only of this thread standard; empty where it is always there. */
        public string $standard = '',
    ) {
    }
}
