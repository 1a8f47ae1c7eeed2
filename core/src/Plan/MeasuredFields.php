<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Units;

/** Every measured field of a plan at its place, also those that hold nothing yet. */
final class MeasuredFields
{
    /** @return array<string, MeasuredField> by JSON Pointer, in the order of the file */
    public static function of(Plan $plan): array
    {
        $fields = [];
        self::walk($plan, '', '', '', RigWords::of($plan->load->rig), $fields);

        return $fields;
    }

    /** The field at a pointer; null when nothing measured stands there in this plan. */
    public static function at(string $pointer, Plan $plan): ?MeasuredField
    {
        return self::of($plan)[$pointer] ?? null;
    }

    /** @param array<string, MeasuredField> $fields */
    private static function walk(object $part, string $pointer, string $prefix, string $word, RigWords $words, array &$fields, ?object $outer = null): void
    {
        foreach (PartFields::of($part::class) as $field) {
            $value = $field->in($part);
            $at = $pointer.'/'.$prefix.$field->key;
            $is = $field->is;
            if ($is instanceof Measured) {
                $near = '' === $is->near ? null : self::value($part, $is->near, $prefix) ?? (null === $outer ? null : self::value($outer, $is->near, $prefix));
                $fields[$at] = new MeasuredField($is, '' === $word ? $is->what : self::filled($is->what, $word), $words->label('' === $word ? $is->label : self::filled($is->label, $word)), \is_float($value) ? $value : null, $field->optional, $near);
            } elseif ($is instanceof Inline && \is_object($value)) {
                self::walk($value, $pointer, $prefix.$is->prefix, '{part}' === $is->word ? $word : $is->word, $words, $fields, $part);
            } elseif (\is_array($value)) {
                foreach ($value as $index => $one) {
                    if (\is_object($one)) {
                        self::walk($one, $at.'/'.$index, '', '', $words, $fields);
                    }
                }
            } elseif (\is_object($value) && !$is instanceof Choice && !$is instanceof Units) {
                self::walk($value, $at, '', $is instanceof Part ? $is->word : '', $words, $fields);
            }
        }
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

    private static function filled(string $text, string $word): string
    {
        return str_contains($text, '{') ? strtr($text, ['{part}' => $word, '{Part}' => ucfirst($word)]) : $text;
    }
}
