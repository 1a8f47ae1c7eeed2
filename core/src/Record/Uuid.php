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

    public static function read(InputReader $in, string $key): string
    {
        $text = $in->text($key, 36);
        if ('' !== $text && !self::is($text)) {
            $in->fail($key, 'This must be a UUID in small letters, for example 6f1c2a34-0b5d-4e6f-8a7b-9c0d1e2f3a4b.');
        }

        return $text;
    }
}
