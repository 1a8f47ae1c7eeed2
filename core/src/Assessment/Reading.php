<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\MeasuredFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\QuantityFormat;

/** A measured field as it stands in its input: empty where the plan holds no value. */
final readonly class Reading implements Sent
{
    use SentAsDeclared;

    private const LINE = 'line';

    public function __construct(
        public string $label,
        public string $text,
        public string $symbol,
        /** The heading under which it stands; empty where its part has none. */
        public string $group,
        public bool $optional,
        /** The stage on which it is edited. */
        public string $stage,
    ) {
    }

    /**
     * @param string|null $stage the one that is looked at: the many fields of the line come only with that; all of them when null
     *
     * @return array<string, self> every measured field of a plan as it reads in the plan's units, by JSON Pointer
     */
    public static function all(Plan $plan, ?string $stage): array
    {
        $format = new QuantityFormat($plan->units);
        $symbols = $readings = [];
        foreach (MeasuredFields::of(null === $stage || self::LINE === $stage ? $plan : PartFields::changed($plan, [self::LINE => LinePlan::none()])) as $pointer => $field) {
            $is = $field->is;
            $readings[$pointer] = new self(
                $field->label,
                null === $field->value ? '' : $format->exact($field->value, $is->unit, $is->kind),
                $symbols[$is->kind->name] ??= $format->symbol($is->kind),
                $is->group,
                $field->optional,
                '' === $is->stage ? (string) strtok($pointer, '/') : $is->stage,
            );
        }

        return $readings;
    }
}
