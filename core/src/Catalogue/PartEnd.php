<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Line\PartPort;

/** What a port of a part that can be had joins to. */
final readonly class PartEnd
{
    public function __construct(
        #[Choice('Port')]
        public PartPort $port,
        #[Choice('System')]
        public EndSystem $system,
        #[Text('the size of the end', 60)]
        public string $size,
    ) {
    }
}
