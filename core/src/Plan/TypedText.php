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
     * @return float in the field's stored unit, rounded to a millionth
     *
     * @throws UnreadableQuantity when the text cannot be read
     * @throws InvalidInput when no measured field stands at $pointer, or the value is out of its range
     */
    public static function read(string $pointer, string $text, UnitPreferences $units): float
    {
        $field = PlanFields::at($pointer) ?? throw InvalidInput::at($pointer, 'Nothing that is measured stands here.');
        $value = round((new QuantityParser($units))->parse($text, $field->kind)->in($field->unit), 6);
        if ($field->range->holds($value)) {
            return $value;
        }
        $format = new QuantityFormat($units);
        $as = static fn (float $bound): string => $format->reading($bound, $field->unit, $field->kind);
        throw InvalidInput::at($pointer, \sprintf('“%s” was read as %s; %s can be from %s to %s.', trim($text), $as($value), $field->what, $as($field->range->min), $as($field->range->max)));
    }
}
