<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFields;
use YardCask\Core\Quantity\QuantityFormat;

/** Every measured field of a plan as it reads in the plan's units. */
final class Readings
{
    /** @return array<string, array{text: string, symbol: string}> by JSON Pointer */
    public static function of(Plan $plan): array
    {
        $readings = [];
        self::walk($plan->document(), '', '', new QuantityFormat($plan->units), $readings);

        return $readings;
    }

    /** @param array<string, array{text: string, symbol: string}> $readings */
    private static function walk(mixed $node, string $pointer, string $pattern, QuantityFormat $format, array &$readings): void
    {
        if (\is_array($node)) {
            foreach ($node as $index => $child) {
                self::walk($child, $pointer.'/'.$index, $pattern.'/*', $format, $readings);
            }
        } elseif ($node instanceof \stdClass) {
            foreach (get_object_vars($node) as $key => $child) {
                self::walk($child, $pointer.'/'.$key, $pattern.'/'.$key, $format, $readings);
            }
        } elseif (\is_int($node) || \is_float($node)) {
            $field = PlanFields::of($pattern);
            if (null !== $field) {
                $readings[$pointer] = ['text' => $format->exact((float) $node, $field->unit, $field->kind), 'symbol' => $format->symbol($field->kind)];
            }
        }
    }
}
