<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** Ids and names that no part of a plan has yet. */
final class FreeId
{
    /** Of a part. */
    public const LONGEST_NAME = 60;

    /** PREFIX-1, PREFIX-2 …, or the $further free one after that; whoever applies the patch may put another one in its place. */
    public static function of(string $prefix, Plan $plan, int $further = 0): string
    {
        $taken = [];
        foreach ([...$plan->use->uses, ...$plan->load->seats, ...$plan->load->loads, ...$plan->load->things, ...$plan->bays, ...$plan->tanks, ...self::within($plan)] as $part) {
            $taken[$part->id] = true;
        }
        $number = 1;
        while (isset($taken[$prefix.'-'.$number]) || $further-- > 0) {
            ++$number;
        }

        return $prefix.'-'.$number;
    }

    /** @return list<object{id: string}> the parts of parts */
    private static function within(Plan $plan): array
    {
        return [
            ...array_merge(...array_column($plan->bays, 'obstructions')),
            ...array_merge(...array_column($plan->tanks, 'ports')),
            ...$plan->runs,
            ...array_merge(...array_column($plan->runs, 'points')),
        ];
    }

    /**
     * The name itself, or followed by 2, 3 … and cut short so that it stays within what is allowed.
     *
     * @param list<string> $taken
     */
    public static function name(string $wanted, array $taken, int $longest = self::LONGEST_NAME): string
    {
        $name = $wanted;
        for ($number = 2; \in_array($name, $taken, true); ++$number) {
            $name = mb_substr($wanted, 0, $longest - 4).' '.$number;
        }

        return $name;
    }
}
