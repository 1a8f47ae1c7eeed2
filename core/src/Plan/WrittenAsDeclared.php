<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Field\PartFields;

/** Writes a part with the fields that its class declares. */
trait WrittenAsDeclared
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return PartFields::written($this);
    }
}
