<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** Writes a part with the fields that its class declares. */
trait WrittenAsDeclared
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return PartFields::written($this);
    }
}
