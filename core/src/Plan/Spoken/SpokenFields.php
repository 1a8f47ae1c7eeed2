<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Spoken;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\MeasuredField;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\UnitPreferences;

/** Every field of a plan in words, by a JSON Pointer in which an entry of a list is @ and its id. */
final class SpokenFields
{
    /** @var array<string, SpokenField> by place */
    public array $fields = [];
    /** @var array<string, string> the names of the parts of lists, by place */
    public array $parts = [];

    /**
     * @param array<string, MeasuredField> $measured by JSON Pointer
     * @param array<string, string> $names of the tanks, by id
     */
    private function __construct(
        private readonly QuantityFormat $format,
        private readonly array $measured,
        private readonly array $names,
    ) {
    }

    public static function of(Plan $plan, QuantityFormat $format): self
    {
        $spoken = new self($format, MeasuredFields::of($plan), array_column($plan->tanks, 'name', 'id'));
        $spoken->speak($plan, '', '', '', '');

        return $spoken;
    }

    private function speak(object $part, string $pointer, string $place, string $prefix, string $name): void
    {
        foreach (PartFields::of($part::class) as $field) {
            $value = $field->in($part);
            $key = '/'.$prefix.$field->key;
            if ($field->is instanceof Inline && \is_object($value)) {
                $this->speak($value, $pointer, $place, $prefix.$field->is->prefix, $name);
            } elseif ($field->is instanceof Measured) {
                $this->measured($pointer.$key, $place.$key, $name);
            } elseif ($field->is instanceof Choice && $value instanceof NamedChoice) {
                $this->add($place.$key, $name, $field->is->label, $value->word());
            } elseif ($field->is instanceof YesNo && \is_bool($value)) {
                $this->add($place.$key, $name, $field->is->label, $value ? 'yes' : 'no');
            } elseif ($field->is instanceof Text && \is_string($value)) {
                $this->add($place.$key, $name, (string) strtok($field->is->what, ':'), $value, 'name' === $field->key);
            } elseif ($value instanceof UnitPreferences) {
                $this->units($value);
            } elseif (\is_array($value)) {
                $this->parts($value, $pointer.$key, $place.$key, $name);
            } elseif ($value instanceof PlanPart) {
                $this->speak($value, $pointer.$key, $place.$key, '', $name);
            }
        }
    }

    /** @param array<mixed> $parts */
    private function parts(array $parts, string $pointer, string $place, string $name): void
    {
        foreach ($parts as $index => $part) {
            if (\is_object($part) && isset($part->id, $part->name) && \is_string($part->id) && \is_string($part->name)) {
                $at = $place.'/@'.$part->id;
                $this->parts[$at] = $part->name;
                $this->speak($part, $pointer.'/'.$index, $at, '', $part->name);
            } elseif ($part instanceof PlanPart) {
                // Without a name of its own, like a point of a curve: told by its number.
                $this->speak($part, $pointer.'/'.$index, $place.'/'.$index, '', \sprintf('%s, point %d', $name, (int) $index + 1));
            }
        }
    }

    private function measured(string $pointer, string $place, string $name): void
    {
        $field = $this->measured[$pointer] ?? null;
        if (null !== $field?->value) {
            $this->fields[$place] = new SpokenField(
                self::what($name, $field->named->label),
                $field->value,
                $this->format->readingExact($field->value, $field->named->is->unit, $field->named->is->kind),
            );
        }
    }

    private function units(UnitPreferences $units): void
    {
        foreach (UnitPreferences::LABELS as $kind => $label) {
            $this->add('/units/'.$kind, '', $label, $units->{$kind}->word());
        }
    }

    private function add(string $place, string $name, string $label, string $value, bool $isName = false): void
    {
        $this->fields[$place] = new SpokenField(self::what($name, $label), $value, $this->names[$value] ?? $value, $isName);
    }

    private static function what(string $name, string $label): string
    {
        return '' === $name
            ? mb_strtoupper(mb_substr($label, 0, 1)).mb_substr($label, 1)
            : $name.', '.mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1);
    }
}
