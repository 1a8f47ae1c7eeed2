<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnreadableQuantity;

/** Reads what was typed into a measured field of the plan, as the number to store there. */
final class TypedText
{
    /**
     * @return float the value to store, in the field's unit and rounded to a millionth; with it the plan is still a valid one
     *
     * @throws UnreadableQuantity when the text cannot be read
     * @throws InvalidInput when no measured field stands at $pointer, the value is out of its range, or it contradicts the rest of the plan
     */
    public static function read(string $pointer, string $text, Plan $plan): float
    {
        $field = PlanFields::at($pointer) ?? throw InvalidInput::at($pointer, 'Nothing that is measured stands here.');
        $value = self::value($pointer, $text, $field, $plan->units);
        try {
            PlanPatch::replace($pointer, $value)->applyTo($plan);
        } catch (InvalidInput $e) {
            throw InvalidInput::at($pointer, \sprintf('“%s” was read as %s. %s', trim($text), self::reading($value, $field, $plan->units), $e->errors[0]->message));
        }

        return $value;
    }

    /**
     * @return float the value in the field's unit and range, rounded to a millionth
     *
     * @throws UnreadableQuantity when the text cannot be read
     * @throws InvalidInput at $pointer when the value is out of its range
     */
    public static function value(string $pointer, string $text, PlanField $field, UnitPreferences $units): float
    {
        $value = round((new QuantityParser($units))->parse($text, $field->kind)->in($field->unit), 6) + 0.0;
        if (!$field->range->holds($value)) {
            throw InvalidInput::at($pointer, \sprintf('“%s” was read as %s; %s can be from %s to %s.', trim($text), self::reading($value, $field, $units), $field->what, self::reading($field->range->min, $field, $units), self::reading($field->range->max, $field, $units)));
        }

        return $value;
    }

    private static function reading(float $value, PlanField $field, UnitPreferences $units): string
    {
        return (new QuantityFormat($units))->reading($value, $field->unit, $field->kind);
    }
}
