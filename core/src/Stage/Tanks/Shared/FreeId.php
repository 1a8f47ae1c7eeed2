<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Plan;

/** Ids and names that no part of a plan has yet. */
final class FreeId
{
    /** PREFIX-1, PREFIX-2 …; whoever applies the patch may put another one in its place. */
    public static function of(string $prefix, Plan $plan): string
    {
        $taken = [];
        foreach ([...$plan->use->uses, ...$plan->load->seats, ...$plan->load->loads, ...$plan->tanks] as $part) {
            $taken[$part->id] = true;
        }
        $number = 1;
        while (isset($taken[$prefix.'-'.$number])) {
            ++$number;
        }

        return $prefix.'-'.$number;
    }

    /** @param list<string> $taken */
    public static function name(string $wanted, array $taken): string
    {
        $name = $wanted;
        for ($number = 2; \in_array($name, $taken, true); ++$number) {
            $name = $wanted.' '.$number;
        }

        return $name;
    }
}
