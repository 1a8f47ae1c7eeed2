<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** Something that is sent in a form of its own, and says in which. */
interface HasSchema extends \JsonSerializable
{
    /** @return array<string, mixed> JSON Schema */
    public static function schema(): array;
}
