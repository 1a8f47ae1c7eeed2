<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Spoken;

use YardCask\Core\Plan\Field\DeclaredField;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Field\NamedField;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\RigWords;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\Unit;

/** Every measured field of a plan at its place, also those that hold nothing yet. */
final class MeasuredFields
{
    /** @var array<string, MeasuredField> by JSON Pointer */
    private array $fields = [];
    /**
     * @var array<class-string, array<string, list<array{DeclaredField, NamedField|null}>>> of each class, by what the object around it is called: its
     *                                                                                      measured fields, and with null what may hold some
     */
    private array $named = [];

    private function __construct(
        private readonly RigWords $words,
        /** At which outlets are rated, in the plan’s units. */
        private readonly string $ratedAt,
    ) {
    }

    private static function over(Plan $plan): self
    {
        $ratedAt = (new QuantityFormat($plan->units))->reading(OutletFigures::RATED_KPA, Unit::Kilopascal, Kind::Pressure);

        return new self(RigWords::of($plan->load->rig), $ratedAt);
    }

    /** @return array<string, MeasuredField> by JSON Pointer, in the order of the file */
    public static function of(Plan $plan): array
    {
        $fields = self::over($plan);
        $fields->walk($plan, '', '', '');

        return $fields->fields;
    }

    /** @return array<string, MeasuredField> those of some of its sections, by JSON Pointer, in the order of the file */
    public static function ofSections(Plan $plan, string ...$sections): array
    {
        $fields = self::over($plan);
        foreach (PartFields::of(Plan::class) as $field) {
            if (\in_array($field->key, $sections, true)) {
                $fields->walkIn($field->in($plan), $field, $plan, '', '', '');
            }
        }

        return $fields->fields;
    }

    /** @return array<string, MeasuredField> those of a part of one of its lists, by JSON Pointer */
    public static function ofPart(PlanPart $part, string $pointer, Plan $plan): array
    {
        $fields = self::over($plan);
        $fields->walk($part, $pointer, '', '');

        return $fields->fields;
    }

    /** The field at a pointer; null when nothing measured stands there in this plan. */
    public static function at(string $pointer, Plan $plan): ?MeasuredField
    {
        return self::of($plan)[$pointer] ?? null;
    }

    /** @param object|null $outer the part in whose place in the file it stands */
    private function walk(object $part, string $pointer, string $prefix, string $word, ?object $outer = null): void
    {
        foreach ($this->named[$part::class][$word] ??= $this->named($part::class, $word) as [$field, $named]) {
            $value = $field->in($part);
            if (null !== $named) {
                $near = '' === $named->is->near
                    ? null
                    : self::value($part, $named->is->near, $prefix) ?? (null === $outer ? null : self::value($outer, $named->is->near, $prefix));
                $this->fields[$pointer.'/'.$prefix.$field->key] = new MeasuredField($named, \is_float($value) ? $value : null, $near);
            } else {
                $this->walkIn($value, $field, $part, $pointer, $prefix, $word);
            }
        }
    }

    /** @param object $part the one that has the value in a field */
    private function walkIn(mixed $value, DeclaredField $field, object $part, string $pointer, string $prefix, string $word): void
    {
        $is = $field->is;
        $here = $pointer.'/'.$prefix.$field->key;
        foreach (\is_array($value) ? $value : [] as $index => $one) {
            if (\is_object($one)) {
                $this->walk($one, $here.'/'.$index, '', '');
            }
        }
        if (\is_object($value) && $is instanceof Inline) {
            $this->walk($value, $pointer, $prefix.$is->prefix, '{part}' === $is->word ? $word : $is->word, $part);
        } elseif (\is_object($value)) {
            $this->walk($value, $here, '', $is instanceof Part ? $is->word : '');
        }
    }

    /**
     * @param class-string $class
     *
     * @return list<array{DeclaredField, NamedField|null}>
     */
    private function named(string $class, string $word): array
    {
        $named = [];
        foreach (PartFields::of($class) as $field) {
            $is = $field->is;
            if ($is instanceof Measured) {
                // Of two ways to say it, the one that is there cannot be left out.
                $isOptional = $field->optional && !PartFields::isOneOfTwoWays($class, $field->key);
                $named[] = [
                    $field,
                    new NamedField($is, $this->filled($is->what, $word), $this->words->label($this->filled($is->label, $word)), $isOptional),
                ];
            } elseif ($is instanceof Inline || $is instanceof Part || $is instanceof Parts || $is instanceof Variants) {
                $named[] = [$field, null];
            }
        }

        return $named;
    }

    private static function value(object $part, string $key, string $prefix): ?float
    {
        foreach (PartFields::of($part::class) as $field) {
            if ($key === $field->key) {
                $value = $field->in($part);

                return \is_float($value) ? $value : null;
            }
            $inner = $field->in($part);
            if ($field->is instanceof Inline && \is_object($inner)) {
                foreach (PartFields::of($inner::class) as $one) {
                    if ($key === $field->is->prefix.$one->key) {
                        $value = $one->in($inner);

                        return \is_float($value) ? $value : null;
                    }
                }
            }
        }

        return null;
    }

    private function filled(string $text, string $word): string
    {
        if (!str_contains($text, '{')) {
            return $text;
        }
        $words = '' === $word ? [] : ['{part}' => $word, '{Part}' => ucfirst($word)];

        return strtr($text, ['{rated_at}' => $this->ratedAt] + $words);
    }
}
