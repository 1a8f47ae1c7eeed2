<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/**
 * Reads one number as people write it: `2.5`, `2,5`, `2 855`, `1,234.5`, `1.234,5`, `3/8`, `1 1/2`, `.5`.
 *
 * A single comma before exactly three digits is refused, because in half the world `2,855` is 2.855.
 */
final class WrittenNumber
{
    /** What a number looks like inside a longer text. */
    public const PATTERN = '\d+[ -]\d+\/\d+|\d+\/\d+|\d{1,3}(?: \d{3})+(?![\d\/])(?:[.,]\d+)?|\d[\d.,]*\d|\d|[.,]\d+';

    /** @throws UnreadableQuantity when the number can be read in two ways, divides by zero or is none */
    public static function read(string $written, string $text, Kind $kind, string $unit): float
    {
        if (1 === preg_match('/^(?:(\d+)[ -])?(\d+)\/(\d+)$/', $written, $m)) {
            if (0 === (int) $m[3]) {
                throw UnreadableQuantity::divisionByZero($text);
            }

            return (float) $m[1] + (float) $m[2] / (float) $m[3];
        }
        $plain = str_replace(' ', '', $written);
        if (1 === preg_match('/^([1-9]\d{0,2}),(\d{3})$/', $plain, $m)) {
            $suffix = '' === $unit ? '' : ' '.$unit;
            throw UnreadableQuantity::ambiguous($text, 'the comma may part thousands or decimals', [$m[1].$m[2].$suffix, $m[1].'.'.$m[2].$suffix]);
        }
        $number = match (1) {
            preg_match('/^\d{1,3}(,\d{3})+(\.\d+)?$/', $plain) => str_replace(',', '', $plain),
            preg_match('/^\d{1,3}(\.\d{3})+,\d+$/', $plain),
            preg_match('/^\d{1,3}(\.\d{3}){2,}$/', $plain) => str_replace(['.', ','], ['', '.'], $plain),
            preg_match('/^\d*,\d+$/', $plain) => str_replace(',', '.', $plain),
            preg_match('/^\d*\.?\d+$/', $plain) => $plain,
            default => throw UnreadableQuantity::noNumber($text, $kind),
        };
        $value = (float) $number;
        if (!is_finite($value)) {
            throw UnreadableQuantity::noNumber($text, $kind);
        }

        return $value;
    }
}
