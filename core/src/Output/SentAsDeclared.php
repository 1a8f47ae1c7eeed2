<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** Sends every public property under its name in small letters with underscores; what is null is left out. */
trait SentAsDeclared
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        /** @var array<string, string> $keys */
        static $keys = [];
        $sent = [];
        foreach (get_object_vars($this) as $property => $value) {
            if (null !== $value) {
                $sent[$keys[$property] ??= SentKey::of($property)] = $value;
            }
        }

        return $sent;
    }
}
