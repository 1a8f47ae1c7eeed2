<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\QuantityParser;
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
        $value = round((new QuantityParser($plan->units))->parse($text, $field->kind)->in($field->unit), 6) + 0.0;
        $format = new QuantityFormat($plan->units);
        $as = static fn (float $bound): string => $format->reading($bound, $field->unit, $field->kind);
        if (!$field->range->holds($value)) {
            throw InvalidInput::at($pointer, \sprintf('“%s” was read as %s; %s can be from %s to %s.', trim($text), $as($value), $field->what, $as($field->range->min), $as($field->range->max)));
        }
        try {
            PlanPatch::replace($pointer, $value)->applyTo($plan);
        } catch (InvalidInput $e) {
            throw InvalidInput::at($pointer, \sprintf('“%s” was read as %s. %s', trim($text), $as($value), $e->errors[0]->message));
        }

        return $value;
    }
}
