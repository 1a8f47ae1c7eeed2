<?php

declare(strict_types=1);

namespace YardCask\Core\Input;

/** JSON as this project reads and writes it: objects stay objects, depth is bounded, whole numbers carry no point. */
final class Json
{
    public const MAX_DEPTH = 24;
    /** As many digits as tell a number from every other: for what is kept. */
    public const EXACT = -1;
    /** For what was worked out: more than anybody measures, and written in a fifth of the time. */
    public const WORKED_OUT = 14;

    /** @throws InvalidInput when the text is not JSON or is nested too deep */
    public static function decode(string $text): mixed
    {
        try {
            return json_decode($text, false, self::MAX_DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidInput::at(
                '',
                \JSON_ERROR_DEPTH === $e->getCode()
                    ? 'This is nested too deep; at most '.self::MAX_DEPTH.' levels are read.'
                    : 'This is not JSON: '.lcfirst($e->getMessage()).'.',
            );
        }
    }

    /**
     * @param bool $pretty as a file to be kept: in lines, and to the byte as a browser writes it
     * @param int $digits of each number that has more of them, or EXACT
     */
    public static function encode(mixed $value, bool $pretty = false, int $digits = self::EXACT): string
    {
        $before = ini_set('serialize_precision', (string) $digits);
        try {
            $json = json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | ($pretty ? \JSON_PRETTY_PRINT : 0));

            return $pretty ? self::withoutSmallPowers($json) : $json;
        } finally {
            ini_set('serialize_precision', (string) $before);
        }
    }

    /** A browser writes 0.00005 where PHP writes 5.0e-5; what is still smaller both write as a power. */
    private static function withoutSmallPowers(string $json): string
    {
        return (string) preg_replace_callback(
            '~"(?:[^"\\\\]|\\\\.)*+"(*SKIP)(*FAIL)|(\d)(?:\.(\d+))?e-([56])\b~',
            static fn (array $is): string => '0.'.str_repeat('0', (int) $is[3] - 1).$is[1].rtrim($is[2], '0'),
            $json,
        );
    }
}
