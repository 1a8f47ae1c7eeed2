<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanFields;

/** Every measured field of a plan as it reads in the plan's units. */
final class Readings
{
    /** @return array<string, array{text: string, symbol: string}> by JSON Pointer */
    public static function of(Plan $plan): array
    {
        $readings = [];
        self::walk($plan->document(), '', new Say($plan->units), $readings);

        return $readings;
    }

    /** @param array<string, array{text: string, symbol: string}> $readings */
    private static function walk(mixed $node, string $pointer, Say $say, array &$readings): void
    {
        if ($node instanceof \stdClass || \is_array($node)) {
            foreach ((array) $node as $key => $child) {
                self::walk($child, $pointer.'/'.$key, $say, $readings);
            }
        } elseif (\is_int($node) || \is_float($node)) {
            $field = PlanFields::at($pointer);
            if (null !== $field) {
                $readings[$pointer] = ['text' => $say->format->exact((float) $node, $field->unit, $field->kind), 'symbol' => $say->format->symbol($field->kind)];
            }
        }
    }
}
