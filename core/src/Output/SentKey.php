<?php

declare(strict_types=1);

namespace YardCask\Core\Output;

/** The key under which a property is sent: `maxFraction` as `max_fraction`. */
final class SentKey
{
    public static function of(string $property): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z])[A-Z]/', '_$0', $property));
    }
}
