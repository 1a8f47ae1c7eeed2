<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Outlets that draw on some of the fresh tanks only, while other outlets draw on the rest. */
final class RunsDry implements RuleWithThresholds
{
    private const LEAST_L = 1.0;

    public static function thresholds(): array
    {
        return ['litres_least' => Amount::litres(self::LEAST_L)];
    }

    public function check(Workings $workings): array
    {
        $reach = $workings->of(TapReach::class);
        $joined = array_values(array_filter(
            $workings->of(TanksWorkings::class)->that(WaterKind::Fresh),
            static fn (TankWorking $working): bool => [] !== $reach->outletsOf($working->tank),
        ));
        $findings = [];
        foreach (self::groups($workings->of(LineWorkings::class)->graph->outlets, $joined, $reach) as $outlets) {
            $isOwn = static fn (TankWorking $working): bool => \in_array($outlets[0]->id, $reach->outletsOf($working->tank), true);
            $own = array_values(array_filter($joined, $isOwn));
            $rest = array_values(array_filter($joined, static fn (TankWorking $working): bool => !$isOwn($working)));
            $restL = self::litres($rest);
            if ([] === $own || $restL < self::LEAST_L) {
                continue;
            }
            $isOne = 1 === \count($outlets);
            $spoken = array_map(static fn (PlannedPart $part): string => $part->spoken(), $outlets);
            $findings[] = new Finding(
                LineFinding::RunsDry,
                array_column($outlets, 'id'),
                new Measure(self::litres($own), self::litres($joined), 'L'),
                new SnagText($isOne ? 'line.runs-dry.title' : 'line.runs-dry.title.several', $isOne ? 'line.runs-dry.why' : 'line.runs-dry.why.several', [
                    'outlets' => $spoken,
                    'count' => \count($outlets),
                    'tanks' => self::names($own),
                    'others' => self::names($rest),
                    'litres' => Amount::litres(self::litres($own)),
                    'litres_rest' => Amount::litres($restL),
                ]),
                static fn (): array => self::fixes($own, $rest, $workings),
            );
        }

        return $findings;
    }

    /**
     * @param list<PlannedPart> $outlets
     * @param list<TankWorking> $tanks
     *
     * @return list<non-empty-list<PlannedPart>> those that draw on the same tanks together
     */
    private static function groups(array $outlets, array $tanks, TapReach $reach): array
    {
        $groups = [];
        foreach ($outlets as $outlet) {
            $own = array_filter($tanks, static fn (TankWorking $working): bool => \in_array($outlet->id, $reach->outletsOf($working->tank), true));
            $groups[implode(' ', array_keys($own))][] = $outlet;
        }

        return array_values($groups);
    }

    /**
     * @param list<TankWorking> $own
     * @param list<TankWorking> $rest
     *
     * @return list<Fix> each of the rest joined beside one that they draw on
     */
    private static function fixes(array $own, array $rest, Workings $workings): array
    {
        $beside = array_map(static fn (TankWorking $working): string => $working->tank->id, $own);

        return array_merge([], ...array_map(static fn (TankWorking $working): array => TankJoin::fixes($working->tank, $beside, $workings), $rest));
    }

    /** @param list<TankWorking> $tanks */
    private static function litres(array $tanks): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->usableL(), $tanks));
    }

    /**
     * @param list<TankWorking> $tanks
     *
     * @return list<string>
     */
    private static function names(array $tanks): array
    {
        return array_map(static fn (TankWorking $working): string => $working->tank->name, $tanks);
    }
}
