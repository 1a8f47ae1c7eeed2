<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** An item of which something was bought, or of which somebody knows the price. */
final readonly class Purchased implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** By which the shopping list knows it. */
        public string $item,
        /** What it was called then. */
        public string $name,
        public Purchase $purchase,
    ) {
    }
}
