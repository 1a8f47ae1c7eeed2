<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\MapOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Quantity\QuantityFormat;

/**
 * Measured fields of a plan as they read in the plan's units.
 *
 * @phpstan-type ReadingValues array{array<string, array{string, int}>, list<array{string, string, string, bool, string}>}
 */
final readonly class Readings implements Sent
{
    /** Sections that are shown whole; those that change together are kept together. */
    private const SHOWN = [['load'], ['use', 'bays', 'tanks', 'runs']];

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
        return self::ofValues(self::read(MeasuredFields::of($plan), $plan));
    }

    /**
     * Those that are shown while somebody works on a plan.
     *
     * @param string|null $opened the id of what is opened of the line: of its hundreds of fields only those of one part or pipe are shown at once
     */
    public static function shown(Workings $workings, ?string $opened): self
    {
        $plan = $workings->plan;
        $fields = [];
        foreach (['parts' => $plan->line->parts, 'pipes' => $plan->line->pipes] as $list => $parts) {
            foreach ($parts as $index => $part) {
                if ($opened === $part->id) {
                    $fields += MeasuredFields::ofPart($part, '/line/'.$list.'/'.$index, $plan);
                }
            }
        }
        $kept = array_map(static fn (array $sections): array => self::keptOf($sections, $workings), self::SHOWN);

        return self::ofValues(...$kept, ...[self::read($fields, $plan)]);
    }

    /**
     * @param list<string> $sections
     *
     * @return ReadingValues
     */
    private static function keptOf(array $sections, Workings $workings): array
    {
        $name = self::class.' '.$sections[0];
        $dependsOn = ['units', 'rig', ...$sections];
        /** @var ReadingValues|null $kept */
        $kept = $workings->recalled($name, $dependsOn);
        if (null !== $kept) {
            return $kept;
        }
        $read = self::read(MeasuredFields::ofSections($workings->plan, ...$sections), $workings->plan);
        $workings->keep($name, $dependsOn, static fn (): array => $read);

        return $read;
    }

    /**
     * @param array<string, MeasuredField> $measured by JSON Pointer
     *
     * @return ReadingValues
     */
    private static function read(array $measured, Plan $plan): array
    {
        $format = new QuantityFormat($plan->units);
        $readings = $fields = $numbers = $alike = [];
        foreach ($measured as $pointer => $field) {
            $named = $field->named;
            $is = $named->is;
            $stage = '' === $is->stage ? (string) strtok($pointer, '/') : $is->stage;
            $number = $numbers[spl_object_id($named)][$stage] ?? null;
            if (null === $number) {
                $words = [$named->label, $format->symbol($is->kind), $is->group, $named->optional, $stage];
                // Parts of different kinds have fields of which the same is said.
                $number = $alike[serialize($words)] ??= \count($alike);
                $fields[$number] = $words;
                $numbers[spl_object_id($named)][$stage] = $number;
            }
            $readings[$pointer] = [null === $field->value ? '' : $format->exact($field->value, $is->unit, $is->kind), $number];
        }

        return [$readings, array_values($fields)];
    }

    /** @param ReadingValues ...$groups each with numbers of its own */
    private static function ofValues(array ...$groups): self
    {
        $readings = $fields = [];
        foreach ($groups as [$read, $words]) {
            $first = \count($fields);
            foreach ($read as $pointer => [$text, $number]) {
                $readings[$pointer] = new Reading($text, $first + $number);
            }
            foreach ($words as $one) {
                $fields[] = new FieldWords(...$one);
            }
        }

        return new self($readings, $fields);
    }
}
