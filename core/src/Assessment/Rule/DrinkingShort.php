<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\TankProposal;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** Drinking water is kept apart, but what holds it is too small. */
final class DrinkingShort implements Rule
{
    public function check(Workings $workings): array
    {
        $needL = $workings->need(Supply::Drinking)->carryL;
        $usableL = $workings->usableL(Supply::Drinking);
        if ($needL - $usableL < 0.05) {
            return [];
        }
        $say = $workings->say;

        return [new Finding(
            FindingCode::DrinkingShort,
            array_map(static fn (PlannedTank $tank): string => $tank->id, $workings->plan->tanksOf(Supply::Drinking)),
            new Measure($usableL, $needL, 'L'),
            $usableL > 0 ? \sprintf('%s short of drinking water', $say->litres($needL - $usableL)) : 'Nothing holds the drinking water',
            \sprintf('%s are to be kept apart for drinking; %s.', $say->litres($needL), $usableL > 0 ? 'the cans for it hold '.$say->litres($usableL) : 'there is no can for it'),
            static fn (): array => self::proposals($workings, $needL - $usableL),
        )];
    }

    /** @return list<Fix> */
    private static function proposals(Workings $workings, float $shortL): array
    {
        $fixes = [];
        $cans = (int) ceil($shortL / TankProposal::DRINKING_CAN_L);
        if ($cans <= 4) {
            $fixes[] = new Fix(\sprintf('Add %s 10 L drinking can%s', Say::count($cans), 1 === $cans ? '' : 's'), FreePlace::addCans($workings->plan, Supply::Drinking, $cans));
        }
        $patch = null;
        foreach ($workings->plan->use->uses as $index => $use) {
            if (Supply::Drinking === $use->supply) {
                $one = PlanPatch::replace('/use/uses/'.$index.'/supply', Supply::Main);
                $patch = null === $patch ? $one : $patch->and($one);
            }
        }
        if (null !== $patch) {
            $fixes[] = new Fix('Drink from the main tank', $patch);
        }

        return $fixes;
    }
}
