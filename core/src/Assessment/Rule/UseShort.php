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
use YardCask\Core\Demand\UseDemand;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** The main tanks give less than the stay needs with its reserve. */
final class UseShort implements Rule
{
    public function check(Workings $workings): array
    {
        $needL = $workings->need(Supply::Main)->carryL;
        $usableL = $workings->usableL(Supply::Main);
        $shortL = $needL - $usableL;
        if ($shortL < 0.05) {
            return [];
        }
        $say = $workings->say;
        $use = $workings->plan->use;
        $lasts = $workings->lastsDays();

        return [new Finding(
            FindingCode::UseShort,
            array_map(static fn (PlannedTank $tank): string => $tank->id, $workings->plan->tanksOf(Supply::Main)),
            new Measure($usableL, $needL, 'L'),
            $usableL > 0 ? \sprintf('%s short of %s', $say->litres($shortL), $say->days($use->days)) : 'No tank for the main supply yet',
            $usableL > 0
                ? \sprintf('The stay needs %s with its reserve of %s; the tanks give %s%s.', $say->litres($needL), $say->share($use->reserve), $say->litres($usableL), null === $lasts ? '' : ', which lasts '.$say->days(floor($lasts * 10) / 10))
                : \sprintf('The stay needs %s with its reserve of %s, and nothing holds it.', $say->litres($needL), $say->share($use->reserve)),
            static fn (): array => array_values(array_filter([
                self::shortenWhatRuns($workings),
                TankLength::giving($needL, $workings),
                self::addCans($workings, $shortL),
                self::fillSooner($workings),
                self::placeTank($workings, $needL),
            ])),
        )];
    }

    /** Shortens the largest use that runs from a tap, in steps of half a minute, down to one minute. */
    private static function shortenWhatRuns(Workings $workings): ?Fix
    {
        $uses = $workings->plan->use->uses;
        $demands = $workings->demand->uses;
        $running = array_filter(array_keys($uses), static fn (int $i): bool => null !== $uses[$i]->minutes && Supply::Main === $uses[$i]->supply && $demands[$i]->stayL > 0);
        usort($running, static fn (int $a, int $b): int => $demands[$b]->stayL <=> $demands[$a]->stayL);
        if ([] === $running) {
            return null;
        }
        $index = $running[0];
        $use = $uses[$index];
        $othersL = array_sum(array_map(static fn (UseDemand $demand): float => Supply::Main->value === $demand->use->supply ? $demand->stayL : 0.0, $demands)) - $demands[$index]->stayL;
        $leftL = $workings->usableL(Supply::Main) / (1 + $workings->plan->use->reserve) - $othersL;
        $minutes = floor(2 * ($use->minutes ?? 0.0) * $leftL / $demands[$index]->stayL) / 2;

        return $minutes >= 1 ? new Fix(\sprintf('%s for %s instead of %s', $use->name, $workings->say->minutes($minutes), $workings->say->minutes($use->minutes ?? 0.0)), PlanPatch::replace('/use/uses/'.$index.'/minutes', $minutes)) : null;
    }

    /** Up to three cans, beside each other on the floor in the middle of the rig. */
    private static function addCans(Workings $workings, float $shortL): ?Fix
    {
        $cans = (int) ceil($shortL / TankProposal::CAN_L);
        if ($cans > 3) {
            return null;
        }

        return new Fix(\sprintf('Add %s 20 L can%s', Say::count($cans), 1 === $cans ? '' : 's'), FreePlace::addCans($workings->plan, Supply::Main, $cans));
    }

    private static function fillSooner(Workings $workings): ?Fix
    {
        $days = floor($workings->lastsDays() ?? 0.0);

        return $days >= 1 ? new Fix(\sprintf('Fill every %s', 1.0 === $days ? 'day' : $workings->say->days($days)), PlanPatch::replace('/use/days', $days)) : null;
    }

    private static function placeTank(Workings $workings, float $needL): ?Fix
    {
        return [] === $workings->tanksOf(Supply::Main) ? new Fix(\sprintf('Place a tank of %s', $workings->say->litres($needL)), FreePlace::addTank($workings->plan, $needL)) : null;
    }
}
