<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Spoken;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnreadableQuantity;

/** Reads what was typed into a measured field of the plan, as the number to store there. */
final class TypedText
{
    /** A weight this many times above or below the one that it should be near to is asked about. */
    private const FAR = 3.0;
    /** What a slip of the point, or of the thousands, makes of a number; the likeliest first. */
    private const SLIPS = [1000.0, 0.001, 10.0, 0.1, 100.0, 0.01];

    /**
     * @param bool $sure whether an implausible value has been asked about and confirmed
     *
     * @return float the value to store, in the field's unit and rounded to a millionth; with it the plan is still a valid one
     *
     * @throws UnreadableQuantity when the text cannot be read, or is implausible and not confirmed
     * @throws InvalidInput when no measured field stands at $pointer, the value is out of its range, or it contradicts the rest of the plan
     */
    public static function read(string $pointer, string $text, Plan $plan, bool $sure = false): float
    {
        $field = MeasuredFields::at($pointer, $plan) ?? throw InvalidInput::at($pointer, 'There is no measured field here.');
        $is = $field->named->is;
        $value = self::parsed($text, $is, $plan->units);
        if (!$sure && Kind::Mass === $is->kind && null !== $field->near) {
            self::askIfFar($text, $value, $field->near, $is, $plan->units);
        }
        self::checkRange($pointer, $text, $value, $is, $field->named->what, $plan->units);
        try {
            PlanPatch::set($pointer, $value, null !== $field->value)->applyTo($plan);
        } catch (InvalidInput $e) {
            throw InvalidInput::at(
                $pointer,
                \sprintf('“%s” was read as %s. %s', trim($text), self::reading($value, $is, $plan->units), $e->errors[0]->message),
            );
        }

        return $value;
    }

    /**
     * @return float the value in the field's unit and range, rounded to a millionth
     *
     * @throws UnreadableQuantity when the text cannot be read
     * @throws InvalidInput at $pointer when the value is out of its range
     */
    public static function value(string $pointer, string $text, Measured $field, UnitPreferences $units): float
    {
        $value = self::parsed($text, $field, $units);
        self::checkRange($pointer, $text, $value, $field, $field->what, $units);

        return $value;
    }

    private static function parsed(string $text, Measured $field, UnitPreferences $units): float
    {
        return round((new QuantityParser($units))->parse($text, $field->kind)->in($field->unit), 6) + 0.0;
    }

    private static function checkRange(string $pointer, string $text, float $value, Measured $field, string $what, UnitPreferences $units): void
    {
        if (!$field->range->holds($value)) {
            $format = new QuantityFormat($units);
            throw InvalidInput::at(
                $pointer,
                \sprintf(
                    '“%s” was read as %s; %s can be from %s to %s.',
                    trim($text),
                    $format->readingExact($value, $field->unit, $field->kind),
                    $what,
                    $format->leastAllowed($field->range->min, $field->unit, $field->kind),
                    $format->mostAllowed($field->range->max, $field->unit, $field->kind),
                ),
            );
        }
    }

    /** A weighed axle of 1.350 kg is more likely 1350 kg: both are offered. */
    private static function askIfFar(string $text, float $value, float $near, Measured $field, UnitPreferences $units): void
    {
        $isFar = static fn (float $one): bool => abs($one) * self::FAR < abs($near) || abs($one) > abs($near) * self::FAR;
        if ($near <= 0 || !$isFar($value)) {
            return;
        }
        $format = new QuantityFormat($units);
        $likely = array_values(
            array_filter(
                array_map(static fn (float $slip): float => $value * $slip, self::SLIPS),
                static fn (float $one): bool => !$isFar($one) && $field->range->holds($one),
            ),
        );
        $readings = array_map(
            static fn (float $one): string => $format->readingExact($one, $field->unit, $field->kind),
            [...\array_slice($likely, 0, 1), ...($field->range->holds($value) ? [$value] : [])],
        );
        if ([] !== $readings) {
            throw UnreadableQuantity::implausible($text, $format->reading($near, $field->unit, $field->kind), $readings);
        }
    }

    private static function reading(float $value, Measured $field, UnitPreferences $units): string
    {
        return (new QuantityFormat($units))->reading($value, $field->unit, $field->kind);
    }
}
