<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** Inches as a tape measure gives them: in sixteenths, with feet where it is long. What comes out is followed by “in”. */
final class TapeInches
{
    /** The finest line of the tape, in inches. */
    public const FINEST = 1 / self::PARTS;
    private const PARTS = 16;
    /** From here on, in inches, feet are said too. */
    private const LONG = 60.0;
    /** What lies nearer than this to a line of the tape, in inches, is on it. */
    private const ON_THE_LINE = 0.1 / 25.4;
    /** The same for whole millimetres, in mm; no figure of three decimals of an inch lies exactly that far from one. */
    private const ON_THE_MILLIMETRE = 0.0101;
    private const MM = 25.4;

    /** Rounded to the nearest sixteenth: `15 15/16`, `12 ft 4`. */
    public static function nearest(float $inches): string
    {
        $sixteenths = (int) round(abs($inches) * self::PARTS);
        $feet = $sixteenths >= self::LONG * self::PARTS ? intdiv($sixteenths, 12 * self::PARTS) : 0;
        $rest = $sixteenths - $feet * 12 * self::PARTS;
        $whole = intdiv($rest, self::PARTS);
        $part = $rest % self::PARTS;
        $words = 0 === $feet ? [] : [$feet.' ft'];
        if ($whole > 0 || (0 === $part && 0 === $feet) || $feet > 0) {
            $words[] = (string) $whole;
        }
        if ($part > 0) {
            $divisor = self::greatestCommon($part, self::PARTS);
            $words[] = $part / $divisor.'/'.self::PARTS / $divisor;
        }

        return ($inches < 0 && $sixteenths > 0 ? '−' : '').implode(' ', $words);
    }

    /** The same where it is on a line of the tape, of one in inches or of one in whole millimetres; null for what was calculated, or typed in decimals. */
    public static function onTheTape(float $inches): ?string
    {
        $mm = $inches * self::MM;
        $isMeasured = abs($inches - round($inches * self::PARTS) / self::PARTS) < self::ON_THE_LINE || abs($mm - round($mm)) < self::ON_THE_MILLIMETRE;

        return $isMeasured ? str_replace('−', '-', self::nearest($inches)) : null;
    }

    private static function greatestCommon(int $a, int $b): int
    {
        return 0 === $b ? $a : self::greatestCommon($b, $a % $b);
    }
}
