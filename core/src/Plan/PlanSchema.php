<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Output\Schema;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\DeclaredField;
use YardCask\Core\Plan\Field\EitherOr;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Issued;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Part;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\Units;
use YardCask\Core\Plan\Field\Variants;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Quantity\UnitPreferences;

/** The JSON Schema of the plan file, from what its classes declare. */
final class PlanSchema
{
    private const ONE_LINE = '^[^\x00-\x1F\x7F]*[^\s\x00-\x1F\x7F][^\x00-\x1F\x7F]*$';

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $plan = self::part(Plan::class, '');
        $properties = \is_array($plan['properties']) ? $plan['properties'] : [];
        $required = \is_array($plan['required']) ? $plan['required'] : [];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Yard Cask plan',
            'description' => 'The plan file: lengths in m or mm, masses in kg, volumes in L, as each key says.',
            'properties' => ['format' => ['const' => PlanFormat::NAME], 'version' => ['const' => PlanFormat::VERSION]] + $properties,
            'required' => ['format', 'version', ...$required],
        ] + $plan;
    }

    /** @return array<string, mixed> the rig's part of it */
    public static function rig(): array
    {
        return self::field(PartFields::named(LoadPlan::class, 'rig'), '');
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private static function part(string $class, string $word): array
    {
        $tag = PartFields::tag($class);
        $properties = null === $tag ? [] : [$tag->key => ['const' => $tag->value->value]];
        $required = array_keys($properties);
        self::addFields($class, '', $word, $properties, $required);
        $schema = Schema::object($properties, $required);
        foreach ((new \ReflectionClass($class))->getAttributes(EitherOr::class) as $attribute) {
            $rule = $attribute->newInstance();
            $schema['oneOf'] = [['required' => $rule->either, 'not' => self::anyOf($rule->or)], ['required' => $rule->or, 'not' => self::anyOf($rule->either)]];
        }

        return $schema;
    }

    /**
     * @param list<string> $keys
     *
     * @return array<string, mixed>
     */
    private static function anyOf(array $keys): array
    {
        return ['anyOf' => array_map(static fn (string $key): array => ['required' => [$key]], $keys)];
    }

    /**
     * @param class-string $class
     * @param array<string, mixed> $properties
     * @param list<string> $required
     */
    private static function addFields(string $class, string $prefix, string $word, array &$properties, array &$required): void
    {
        foreach (PartFields::of($class) as $field) {
            if ($field->is instanceof Inline) {
                self::addFields(
                    $field->partClass(),
                    $prefix.$field->is->prefix,
                    '{part}' === $field->is->word ? $word : $field->is->word,
                    $properties,
                    $required,
                );
                continue;
            }
            $properties[$prefix.$field->key] = self::field($field, $word);
            if (!$field->optional) {
                $required[] = $prefix.$field->key;
            }
        }
    }

    /** @return array<string, mixed> */
    private static function field(DeclaredField $field, string $word): array
    {
        $is = $field->is;

        return match (true) {
            $is instanceof Measured => [
                'type' => 'number',
                'minimum' => $is->range->min,
                'maximum' => $is->range->max,
                'description' => self::sentence($is->what, $word).('' === $is->unit->value ? '' : ', in '.$is->unit->value).'.',
            ],
            $is instanceof Text => [
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => $is->maxLength,
                'pattern' => self::ONE_LINE,
                'description' => ucfirst($is->what).'.',
            ],
            $is instanceof Id => [
                'type' => 'string',
                'pattern' => Id::PATTERN,
                'maxLength' => Id::MAX_LENGTH,
                'description' => 'Short and stable; no two parts of a plan share one.',
            ],
            $is instanceof Choice => Schema::oneOf($field->cases()) + ['description' => $is->label.'.'],
            $is instanceof YesNo => ['type' => 'boolean', 'description' => $is->label.'.'],
            $is instanceof Part => self::part($field->partClass(), $is->word),
            $is instanceof Parts => Schema::listOf(self::part($is->class, ''), $is->least, $is->most),
            $is instanceof Variants => ['oneOf' => array_map(static fn (string $class): array => self::part($class, ''), $is->classes)],
            $is instanceof Units => self::units(),
            $is instanceof Issued => self::issued(),
            default => throw new \LogicException($is::class.' has no schema.'),
        };
    }

    private static function sentence(string $what, string $word): string
    {
        return ucfirst(strtr($what, ['{part}' => $word, '{rated_at}' => OutletFigures::RATED_KPA.' kPa']));
    }

    /** @return array<string, mixed> */
    private static function units(): array
    {
        return Schema::object(array_map(Schema::oneOf(...), UnitPreferences::CHOICES), array_keys(UnitPreferences::CHOICES))
            + ['description' => 'The units that the plan is shown in; all values are stored in SI.'];
    }

    /** @return array<string, mixed> */
    private static function issued(): array
    {
        return [
            'type' => 'object',
            'propertyNames' => ['pattern' => Id::PATTERN, 'maxLength' => Id::MAX_LENGTH],
            'additionalProperties' => ['type' => 'integer', 'minimum' => 1, 'maximum' => IssuedNumbers::MOST],
            'description' => 'The highest number that was ever issued for each kind of part, by what its ids begin with: no id is given twice.',
        ];
    }
}
