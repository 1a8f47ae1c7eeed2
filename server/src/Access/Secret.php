<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

/** Secrets of a device or a link: given out once, and kept as a digest. They are long, so that nobody can try them all. */
final class Secret
{
    private const BYTES = 32;

    public static function new(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
    }

    public static function digest(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
