<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

/** What came of each part that was asked for, under its key. */
final readonly class Heat implements \JsonSerializable
{
    /** @param array<string, array<string, float|null>> $parts */
    public function __construct(public array $parts)
    {
    }

    public function jsonSerialize(): \stdClass
    {
        return (object) $this->parts;
    }
}
