<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\UnjoinedTanks;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Drinking water is kept apart, but what holds it is too small. */
final class DrinkingShort implements Rule
{
    private const MOST_CANS = 8;

    public function check(Workings $workings): array
    {
        $needL = $workings->of(UseWorkings::class)->need(Supply::Drinking)->carryL;
        $usableL = $workings->of(TanksWorkings::class)->usableL(WaterKind::Drinking);
        if ($needL - $usableL < 0.05) {
            return [];
        }
        $isThere = [] !== $workings->plan->tanksThatHold(WaterKind::Drinking);

        return [new Finding(
            UseFinding::DrinkingShort,
            array_map(static fn (PlannedTank $tank): string => $tank->id, $workings->plan->tanksThatHold(WaterKind::Drinking)),
            new Measure($usableL, $needL, 'L'),
            new SnagText(
                $isThere ? 'use.drinking-short.title' : 'use.drinking-short.title.none',
                $isThere ? 'use.drinking-short.why' : 'use.drinking-short.why.none',
                ['short' => Amount::litres($needL - $usableL), 'litres_needed' => Amount::litres($needL), 'litres_held' => Amount::litres($usableL)],
            ),
            static fn (): array => array_values(array_filter([
                ...UnjoinedTanks::allFixes(WaterKind::Drinking, $workings),
                self::moreAlike($workings, $needL - $usableL),
                self::addCans($workings, $needL - $usableL),
                self::drinkFromMain($workings),
            ])),
            new LookAt('/use/days', new Phrase('use.drinking-short.look')),
            causes: UnjoinedTanks::causing($needL - $usableL, WaterKind::Drinking, $workings),
        )];
    }

    /** More of the cans that are there. */
    private static function moreAlike(Workings $workings, float $shortL): ?Fix
    {
        $working = $workings->of(TanksWorkings::class)->that(WaterKind::Drinking)[0] ?? null;
        if (null === $working || $working->volume->usableL <= 0) {
            return null;
        }

        return OtherTanks::moreAlike($working, (int) ceil($shortL / $working->volume->usableL - 1e-9), $workings);
    }

    private static function addCans(Workings $workings, float $shortL): ?Fix
    {
        $cans = (int) ceil($shortL / TankProposal::DRINKING_CAN_L - 1e-9);
        $patch = $cans > self::MOST_CANS ? null : FreePlace::addCans($workings->plan, WaterKind::Drinking, $cans);

        return null === $patch ? null : new Fix(
            new Phrase('use.fix.add-drinking-cans', ['cans' => $cans, 'litres' => Amount::litres(TankProposal::DRINKING_CAN_L)]),
            $patch,
        );
    }

    private static function drinkFromMain(Workings $workings): Fix
    {
        $patch = PlanPatch::none();
        foreach ($workings->plan->use->uses as $index => $use) {
            if (Supply::Drinking === $use->supply) {
                $patch = $patch->and(PlanPatch::replace('/use/uses/'.$index.'/supply', Supply::Main));
            }
        }

        return new Fix(new Phrase('use.fix.drink-from-main'), $patch);
    }
}
