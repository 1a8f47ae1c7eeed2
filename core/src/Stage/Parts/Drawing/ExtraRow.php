<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Words\Wording;

/** Something that was bought and that the plan does not need. */
final readonly class ExtraRow implements Sent
{
    private function __construct(
        public string $key,
        public string $name,
        /** How many of it are there. */
        public float $have,
    ) {
    }

    public static function of(Purchased $one, Wording $wording): self
    {
        return new self($one->item, $wording->catalogueName($one->name), $one->purchase->amount);
    }
}
