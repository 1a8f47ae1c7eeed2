<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;

/** Drinking water is kept apart, but what holds it is too small. */
final class DrinkingShort implements Rule
{
    private const MOST_CANS = 8;

    public function check(Workings $workings): array
    {
        $needL = $workings->of(UseWorkings::class)->need(Supply::Drinking)->carryL;
        $usableL = $workings->of(TanksWorkings::class)->usableL(Holds::Drinking);
        if ($needL - $usableL < 0.05) {
            return [];
        }
        $say = $workings->say;

        return [new Finding(
            UseFinding::DrinkingShort,
            array_map(static fn (PlannedTank $tank): string => $tank->id, $workings->plan->tanksThatHold(Holds::Drinking)),
            new Measure($usableL, $needL, 'L'),
            $usableL > 0 ? \sprintf('%s short of drinking water', $say->litres($needL - $usableL)) : 'Nothing holds the drinking water',
            \sprintf('%s are to be kept apart for drinking; %s.', $say->litres($needL), $usableL > 0 ? 'the cans for it hold '.$say->litres($usableL) : 'there is no can for it'),
            static fn (): array => array_values(array_filter([self::moreAlike($workings, $needL - $usableL), self::addCans($workings, $needL - $usableL), self::drinkFromMain($workings)])),
            new LookAt('/use/days', 'Change the days'),
        )];
    }

    /** More of the cans that are there. */
    private static function moreAlike(Workings $workings, float $shortL): ?Fix
    {
        $working = $workings->of(TanksWorkings::class)->that(Holds::Drinking)[0] ?? null;
        if (null === $working || $working->volume->usableL <= 0) {
            return null;
        }
        $more = (int) ceil($shortL / $working->volume->usableL - 1e-9);
        $count = $working->tank->count + $more;

        return $count > PlannedTank::MOST_ALIKE ? null : new Fix(\sprintf('%s more like %s', ucfirst(Say::count($more)), $working->tank->name), PlanPatch::replace($working->pointer().'/count', $count));
    }

    private static function addCans(Workings $workings, float $shortL): ?Fix
    {
        $cans = (int) ceil($shortL / TankProposal::DRINKING_CAN_L - 1e-9);
        $patch = $cans > self::MOST_CANS ? null : FreePlace::addCans($workings->plan, Holds::Drinking, $cans);

        return null === $patch ? null : new Fix(\sprintf('Add %s %s drinking can%s', Say::count($cans), $workings->say->litres(TankProposal::DRINKING_CAN_L), 1 === $cans ? '' : 's'), $patch);
    }

    private static function drinkFromMain(Workings $workings): Fix
    {
        $patch = PlanPatch::none();
        foreach ($workings->plan->use->uses as $index => $use) {
            if (Supply::Drinking === $use->supply) {
                $patch = $patch->and(PlanPatch::replace('/use/uses/'.$index.'/supply', Supply::Main));
            }
        }

        return new Fix('Drink from the main tank', $patch);
    }
}
