<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** Ids and names that no part of a plan has yet. */
final class FreeId
{
    /** Of a part. */
    public const LONGEST_NAME = 60;

    /** PREFIX-1, PREFIX-2 …; whoever applies the patch may put another one in its place. */
    public static function of(string $prefix, Plan $plan): string
    {
        $taken = [];
        foreach ([...$plan->use->uses, ...$plan->load->seats, ...$plan->load->loads, ...$plan->bays, ...array_merge(...array_column($plan->bays, 'obstructions')), ...$plan->tanks] as $part) {
            $taken[$part->id] = true;
        }
        $number = 1;
        while (isset($taken[$prefix.'-'.$number])) {
            ++$number;
        }

        return $prefix.'-'.$number;
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
