<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** JSON as this project reads and writes it: objects stay objects, depth is bounded, whole numbers carry no point. */
final class Json
{
    public const MAX_DEPTH = 24;

    /** @throws InvalidInput when the text is not JSON or is nested too deep */
    public static function decode(string $text): mixed
    {
        try {
            return json_decode($text, false, self::MAX_DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidInput::at('', \JSON_ERROR_DEPTH === $e->getCode() ? 'This is nested too deep; at most '.self::MAX_DEPTH.' levels are read.' : 'This is not JSON: '.lcfirst($e->getMessage()).'.');
        }
    }

    public static function encode(mixed $value, bool $pretty = false): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | ($pretty ? \JSON_PRETTY_PRINT : 0));
    }
}
