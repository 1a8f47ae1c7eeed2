<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\MeasuredFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\QuantityFormat;

/** Every measured field of a plan as it reads in the plan's units. */
final readonly class Readings
{
    private const LINE = 'line';

    /**
     * @param array<string, Reading> $readings by JSON Pointer
     * @param list<FieldWords> $fields what is said beside them
     */
    private function __construct(
        public array $readings,
        public array $fields,
    ) {
    }

    /** @param string|null $stage the one that is looked at: the many fields of the line come only with that; all of them when null */
    public static function of(Plan $plan, ?string $stage): self
    {
        $format = new QuantityFormat($plan->units);
        $readings = $fields = $numbers = [];
        foreach (MeasuredFields::of(null === $stage || self::LINE === $stage ? $plan : PartFields::changed($plan, [self::LINE => LinePlan::none()])) as $pointer => $field) {
            $is = $field->is;
            $on = '' === $is->stage ? (string) strtok($pointer, '/') : $is->stage;
            $number = $numbers[$field->label][$is->group][$is->kind->name][$on][(int) $field->optional] ??= \count($fields);
            if (!isset($fields[$number])) {
                $fields[] = new FieldWords($field->label, $format->symbol($is->kind), $is->group, $field->optional, $on);
            }
            $readings[$pointer] = new Reading(null === $field->value ? '' : $format->exact($field->value, $is->unit, $is->kind), $number);
        }

        return new self($readings, $fields);
    }
}
