<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\MapOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Quantity\QuantityFormat;

/** Measured fields of a plan as they read in the plan's units. */
final readonly class Readings implements Sent
{
    /**
     * @param array<string, Reading> $readings
     * @param list<FieldWords> $fields
     */
    private function __construct(
        /** By JSON Pointer. */
        #[MapOf(Reading::class)]
        public array $readings,
        /** What is said beside them, by their number. */
        #[ListOf(FieldWords::class)]
        public array $fields,
    ) {
    }

    /** Every measured field of it. */
    public static function of(Plan $plan): self
    {
        return self::read(MeasuredFields::of($plan), $plan);
    }

    /**
     * Those that are shown while somebody works on a plan.
     *
     * @param string|null $opened the id of what is opened of the line: of its hundreds of fields only those of one part or pipe are shown at once
     */
    public static function shown(Plan $plan, ?string $opened): self
    {
        $fields = MeasuredFields::of(PartFields::changed($plan, ['line' => LinePlan::none()]));
        foreach (['parts' => $plan->line->parts, 'pipes' => $plan->line->pipes] as $list => $parts) {
            foreach ($parts as $index => $part) {
                if ($opened === $part->id) {
                    $fields += MeasuredFields::ofPart($part, '/line/'.$list.'/'.$index, $plan);
                }
            }
        }

        return self::read($fields, $plan);
    }

    /** @param array<string, MeasuredField> $measured by JSON Pointer */
    private static function read(array $measured, Plan $plan): self
    {
        $format = new QuantityFormat($plan->units);
        $readings = $fields = $numbers = $alike = [];
        foreach ($measured as $pointer => $field) {
            $named = $field->named;
            $is = $named->is;
            $stage = '' === $is->stage ? (string) strtok($pointer, '/') : $is->stage;
            $number = $numbers[spl_object_id($named)][$stage] ?? null;
            if (null === $number) {
                $words = new FieldWords($named->label, $format->symbol($is->kind), $is->group, $named->optional, $stage);
                // Parts of different kinds have fields of which the same is said.
                $number = $alike[serialize($words)] ??= \count($alike);
                $fields[$number] = $words;
                $numbers[spl_object_id($named)][$stage] = $number;
            }
            $readings[$pointer] = new Reading(null === $field->value ? '' : $format->exact($field->value, $is->unit, $is->kind), $number);
        }

        return new self($readings, array_values($fields));
    }
}
