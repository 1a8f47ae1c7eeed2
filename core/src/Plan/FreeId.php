<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** Ids that no part of a plan has or had. */
final class FreeId
{
    /** The next of PREFIX-1, PREFIX-2 …, or one further on. Whoever applies the patch may replace it. */
    public static function of(string $prefix, Plan $plan, int $further = 0): string
    {
        return self::several($prefix, $further + 1, $plan)[$further];
    }

    /**
     * The next that is not among those that are to come into the plan either.
     *
     * @param list<string> $taken
     */
    public static function besides(string $prefix, array $taken, Plan $plan): string
    {
        return array_values(array_diff(self::several($prefix, \count($taken) + 1, $plan), $taken))[0];
    }

    /** @return list<string> the next so many */
    public static function several(string $prefix, int $count, Plan $plan): array
    {
        $ids = PartIds::of($plan);
        $taken = array_flip($ids);
        $free = [];
        for ($number = 1 + $plan->issued->with($ids)->of($prefix); \count($free) < $count; ++$number) {
            if (!isset($taken[$prefix.'-'.$number])) {
                $free[] = $prefix.'-'.$number;
            }
        }

        return $free;
    }
}
