<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Spoken;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\DeclaredField;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Units;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;

/** Every choice of the plan, by JSON Pointer with `*` for a list index: what it is called, and each option with its word. */
final class PlanChoices
{
    /** @return array<string, array{label: string, group: string, options: list<array{value: string, text: string}>}> */
    public static function all(): array
    {
        $choices = [];
        self::walk(Plan::class, '', '', $choices);

        return $choices;
    }

    /**
     * @param class-string $class
     * @param array<string, array{label: string, group: string, options: list<array{value: string, text: string}>}> $choices
     */
    private static function walk(string $class, string $pattern, string $prefix, array &$choices): void
    {
        foreach (PartFields::of($class) as $field) {
            $at = $pattern.'/'.$prefix.$field->key;
            $is = $field->is;
            if ($is instanceof Choice) {
                $choices[$at] = ['label' => $is->label, 'group' => $is->group, 'options' => self::options($field)];
            } elseif ($is instanceof YesNo) {
                $choices[$at] = [
                    'label' => $is->label,
                    'group' => $is->group,
                    'options' => [['value' => 'true', 'text' => 'yes'], ['value' => 'false', 'text' => 'no']],
                ];
            } elseif ($is instanceof Units) {
                foreach (UnitPreferences::CHOICES as $kind => $units) {
                    $choices[$at.'/'.$kind] = [
                        'label' => UnitPreferences::LABELS[$kind],
                        'group' => 'Units',
                        'options' => array_map(static fn (Unit $unit): array => ['value' => $unit->value, 'text' => $unit->word()], $units),
                    ];
                }
            } elseif ($is instanceof Inline) {
                self::walk($field->partClass(), $pattern, $prefix.$is->prefix, $choices);
            } elseif ($is instanceof Part) {
                self::walk($field->partClass(), $at, '', $choices);
            } elseif ($is instanceof Parts) {
                self::walk($is->class, $at.'/*', '', $choices);
            } elseif ($is instanceof Variants) {
                foreach ($is->classes as $variant) {
                    self::walk($variant, $at, '', $choices);
                }
            }
        }
    }

    /** @return list<array{value: string, text: string}> */
    private static function options(DeclaredField $field): array
    {
        return array_map(static fn (\BackedEnum&NamedChoice $case): array => ['value' => (string) $case->value, 'text' => $case->word()], $field->cases());
    }
}
