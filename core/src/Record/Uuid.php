<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;

/** A UUID in small letters (RFC 9562), made by the device that records. */
final class Uuid
{
    public const PATTERN = '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}';

    public static function is(string $text): bool
    {
        return 1 === preg_match('/^'.self::PATTERN.'$/D', $text);
    }

    /** One that nobody has: version 4, at random. */
    public static function new(): string
    {
        $bytes = random_bytes(16);
        $bytes[6] = \chr(\ord($bytes[6]) & 0x0F | 0x40);
        $bytes[8] = \chr(\ord($bytes[8]) & 0x3F | 0x80);

        return (string) preg_replace('/^(.{8})(.{4})(.{4})(.{4})(.{12})$/', '$1-$2-$3-$4-$5', bin2hex($bytes));
    }

    public static function read(InputReader $in, string $key): string
    {
        $text = $in->text($key, 36);
        if ('' !== $text && !self::is($text)) {
            $in->fail($key, 'This must be a UUID in small letters, for example 6f1c2a34-0b5d-4e6f-8a7b-9c0d1e2f3a4b.');
        }

        return $text;
    }
}
