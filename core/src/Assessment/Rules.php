<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Assessment\Rule\BoatTrim;
use YardCask\Core\Assessment\Rule\CanEnough;
use YardCask\Core\Assessment\Rule\DrinkingMissing;
use YardCask\Core\Assessment\Rule\DrinkingShort;
use YardCask\Core\Assessment\Rule\Estimates;
use YardCask\Core\Assessment\Rule\NoseLight;
use YardCask\Core\Assessment\Rule\OverLimit;
use YardCask\Core\Assessment\Rule\ReserveThin;
use YardCask\Core\Assessment\Rule\SideDifference;
use YardCask\Core\Assessment\Rule\TankOutside;
use YardCask\Core\Assessment\Rule\TankOversized;
use YardCask\Core\Assessment\Rule\TanksCollide;
use YardCask\Core\Assessment\Rule\UseShort;
use YardCask\Core\Assessment\Rule\WastedHeights;
use YardCask\Core\Input\InvalidInput;

/** All rules, run over a plan. */
final class Rules
{
    private const ALL = [
        UseShort::class, DrinkingMissing::class, DrinkingShort::class, CanEnough::class,
        OverLimit::class, NoseLight::class, BoatTrim::class, Estimates::class, ReserveThin::class, SideDifference::class,
        TankOversized::class, WastedHeights::class, TankOutside::class, TanksCollide::class,
    ];

    /** @return list<Finding> worst first, otherwise in the order of the stages */
    public static function findings(Workings $workings): array
    {
        $findings = [];
        foreach (self::ALL as $rule) {
            array_push($findings, ...(new $rule())->check($workings));
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $a->code->severity()->rank() <=> $b->code->severity()->rank());

        return $findings;
    }

    /**
     * The proposals of a finding that hold when tried: the plan stays valid, the finding is gone, and nothing dangerous came instead.
     *
     * @param list<Finding> $before all findings of the plan
     *
     * @return list<Fix>
     */
    public static function provenFixes(Finding $finding, Workings $workings, array $before): array
    {
        $known = self::stops($before);

        return array_values(array_filter(($finding->proposals)(), static function (Fix $fix) use ($finding, $workings, $known): bool {
            try {
                $after = self::findings(Workings::of($fix->patch->applyTo($workings->plan)));
            } catch (InvalidInput) {
                return false;
            }

            return !\in_array($finding->key(), self::keys($after), true) && [] === array_diff(self::stops($after), $known);
        }));
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string>
     */
    private static function keys(array $findings): array
    {
        return array_map(static fn (Finding $one): string => $one->key(), $findings);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string>
     */
    private static function stops(array $findings): array
    {
        return self::keys(array_values(array_filter($findings, static fn (Finding $one): bool => Severity::Stop === $one->code->severity())));
    }
}
