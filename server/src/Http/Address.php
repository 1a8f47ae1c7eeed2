<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

/** Where other devices find this server, as the launcher says. */
final readonly class Address
{
    /**
     * @param string|null $open for example https://bench.local:8443; null where this is not served to others
     * @param string|null $trust where they read how to trust it
     */
    private function __construct(
        public ?string $open,
        public ?string $trust,
    ) {
    }

    public static function ofThisServer(): self
    {
        return new self(self::setting('YARDCASK_ADDRESS'), self::setting('YARDCASK_TRUST'));
    }

    private static function setting(string $name): ?string
    {
        $value = $_SERVER[$name] ?? null;

        return \is_string($value) && '' !== $value ? $value : null;
    }
}
