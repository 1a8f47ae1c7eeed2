<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** Writes quantities as the plan's reader wants them: in the chosen units, grouped by thousands with a space that does not break. */
final class QuantityFormat
{
    /** Between thousands, and between figure and unit: a space at which no line breaks. */
    private const GROUP = "\u{00A0}";
    /** Of the finest step that is shown: less than that part of it is nothing. */
    private const SOMETHING = 0.02;
    /** Less than that comes from rounding. */
    private const LEAST = 1e-7;

    /** @var array<string, Unit> in which each kind is shown, once it has been asked for */
    private array $targets = [];

    public function __construct(private readonly UnitPreferences $units)
    {
    }

    /**
     * The figure alone, rounded for reading: `118`, `2 855`, `−46`.
     *
     * @param int $digitsMore than usual, to tell it from another figure
     */
    public function figure(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): string
    {
        $target = $this->target($kind);
        $shown = self::shown($value, $unit, $target);

        return Unit::Inch === $target && 0 === $digitsMore
            ? TapeInches::nearest($shown)
            : self::number($shown, $target->readingDecimals($shown) + $digitsMore);
    }

    /** Like reading(), but rounded down: for what must not be exceeded. */
    public function readingAtMost(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): string
    {
        return $this->reading($this->roundedDown($value, $unit, $kind, $digitsMore), $unit, $kind, $digitsMore);
    }

    /** A value that must not be exceeded, in its own unit, as it is printed in the plan's: 51.7 L that reads as 51 L at most is 51. */
    public function roundedDown(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): float
    {
        $target = $this->target($kind);
        $shown = self::shown($value, $unit, $target);
        $step = 10 ** -($target->readingDecimals($shown) + $digitsMore);

        return self::shown(floor($shown / $step + 1e-9) * $step, $target, $unit);
    }

    /**
     * The figure with its unit, rounded for reading: `118 L`, `2 855 kg`, `620 mm left`, `less than 0.1 US gal`.
     *
     * @param int $digitsMore than usual, to tell it from another figure
     */
    public function reading(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): string
    {
        return $this->readingOf($this->figure(Kind::Sideways === $kind ? abs($value) : $value, $unit, $kind, $digitsMore), $value, $unit, $kind, $digitsMore);
    }

    /**
     * The same where the figure alone was written already.
     *
     * @param string $figure of the value, without its side
     */
    public function readingOf(string $figure, float $value, Unit $unit, Kind $kind, int $digitsMore = 0): string
    {
        if (Kind::Sideways === $kind) {
            return 0.0 === round($value, 4) ? 'on the centreline' : $figure.self::GROUP.$this->symbol($kind).($value < 0 ? ' left' : ' right');
        }

        return $this->lessThan($value, $unit, $kind, $digitsMore) ?? $this->withSymbol($figure, $kind);
    }

    /** A value as it is printed, in its own unit again: 27.27 L that read as 27 L are 27. Null for what only reads as “less than”. */
    public function printed(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): ?float
    {
        if (null !== $this->lessThan($value, $unit, $kind, $digitsMore)) {
            return null;
        }
        $step = $this->lastDigit($value, $unit, $kind, $digitsMore);
        $target = $this->target($kind);

        return self::shown(round(self::shown($value, $unit, $target) / $step) * $step, $target, $unit);
    }

    /** One unit of the last digit that is printed of a value, in the plan's unit. */
    public function lastDigit(float $value, Unit $unit, Kind $kind, int $digitsMore = 0): float
    {
        $target = $this->target($kind);

        return Unit::Inch === $target && 0 === $digitsMore
            ? TapeInches::FINEST
            : 10 ** -($target->readingDecimals(self::shown($value, $unit, $target)) + $digitsMore);
    }

    /** A value in the plan's unit. */
    public function inPlanUnit(float $value, Unit $unit, Kind $kind): float
    {
        return self::shown($value, $unit, $this->target($kind));
    }

    /** Whether the plan is written in this unit. */
    public function isPlanUnit(Unit $unit, Kind $kind): bool
    {
        return $unit === $this->target($kind);
    }

    /** What would read as nothing though it is something: “less than 0.1 US gal”. */
    private function lessThan(float $value, Unit $unit, Kind $kind, int $digitsMore): ?string
    {
        $target = $this->target($kind);
        $shown = self::shown($value, $unit, $target);
        $step = Unit::Inch === $target && 0 === $digitsMore ? TapeInches::FINEST : 10 ** -($target->readingDecimals($shown) + $digitsMore);
        if (Kind::Temperature === $kind || $shown < self::SOMETHING * $step || $shown >= $step / 2) {
            return null;
        }

        return 'less than '.$this->withSymbol($this->figure($step, $target, $kind, $digitsMore), $kind);
    }

    /** A figure with the symbol of its kind behind it. */
    public function withSymbol(string $figure, Kind $kind): string
    {
        $symbol = $this->symbol($kind);

        return '' === $symbol ? $figure : $figure.self::GROUP.$symbol;
    }

    /** The figure as it stands in an input: as exact as it was typed, no unit, no trailing zeros. */
    public function exact(float $value, Unit $unit, Kind $kind): string
    {
        $target = $this->target($kind);
        $shown = self::shown(Kind::Sideways === $kind ? abs($value) : $value, $unit, $target);
        if (Kind::Volume === $kind && abs($shown) >= self::LEAST && abs($shown) < 10 ** (1 - $target->exactDecimals())) {
            return self::small($shown);
        }
        $rounded = round($shown, $target->exactDecimals()) + 0.0;
        // What is on the tape once its decimals are rounded is so too: it would be read back as that.
        $text = (Unit::Inch === $target ? TapeInches::onTheTape($shown) ?? TapeInches::onTheTape($rounded) : null) ?? (string) $rounded;
        if (Kind::Sideways === $kind && '0' !== $text) {
            return $text.($value < 0 ? ' left' : ' right');
        }

        return $text;
    }

    /** Three digits of what its usual decimals would show as next to nothing: what a metre of hose gives is thousandths of a litre. */
    private static function small(float $shown): string
    {
        $decimals = 2 - (int) floor(log10(abs($shown)));

        return rtrim(number_format($shown, $decimals, '.', ''), '0');
    }

    /** The exact figure with its unit. */
    public function readingExact(float $value, Unit $unit, Kind $kind): string
    {
        return Kind::Sideways === $kind
            ? $this->reading($value, $unit, $kind)
            : $this->inTarget(self::shown($value, $unit, $this->target($kind)), $kind, round(...));
    }

    /** The least value of a range, never rounded to less than is allowed. */
    public function leastAllowed(float $value, Unit $unit, Kind $kind): string
    {
        return $this->inTarget(self::shown($value, $unit, $this->target($kind)), $kind, static fn (float $steps): float => ceil($steps - 1e-9));
    }

    /** The greatest value of a range, never rounded to more than is allowed. */
    public function mostAllowed(float $value, Unit $unit, Kind $kind): string
    {
        return $this->inTarget(self::shown($value, $unit, $this->target($kind)), $kind, static fn (float $steps): float => floor($steps + 1e-9));
    }

    /** @param callable(float): float $round of the number of the smallest steps shown */
    private function inTarget(float $shown, Kind $kind, callable $round): string
    {
        $decimals = $this->target($kind)->exactDecimals();
        $rounded = $round($shown * 10 ** $decimals) / 10 ** $decimals;
        $text = self::number(abs($rounded), $decimals);
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
        if (Kind::Sideways === $kind) {
            return $this->withSymbol($text, $kind).($rounded < 0 ? ' left' : ' right');
        }

        return $this->withSymbol(($rounded < 0 ? '−' : '').$text, $kind);
    }

    /** The symbol that follows a figure of this kind; nothing for a count. */
    public function symbol(Kind $kind): string
    {
        $unit = $this->target($kind);

        return Unit::One === $unit ? '' : $unit->value;
    }

    private function target(Kind $kind): Unit
    {
        return $this->targets[$kind->name] ??= $this->units->for($kind);
    }

    /** A number of one unit as a number of another: of thousands in an assessment most need no change. */
    private static function shown(float $value, Unit $unit, Unit $target): float
    {
        return $unit === $target ? $value : Conversion::between($unit, $target)->of($value);
    }

    private static function number(float $value, int $decimals): string
    {
        $rounded = round($value, $decimals);
        // With a sign or decimals, nothing would look like something.
        if (abs($rounded) < self::LEAST) {
            return '0';
        }

        return ($rounded < 0 ? '−' : '').number_format(abs($rounded), $decimals, '.', abs($rounded) >= 1000 ? self::GROUP : '');
    }
}
