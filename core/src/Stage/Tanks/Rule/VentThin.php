<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\HoseFixes;
use YardCask\Core\Stage\Tanks\Shared\HosePath;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** The vents of a full tank do not carry what a hose gives without pressing on its walls: a hose left on bulges it. */
final class VentThin implements Rule
{
    private const LEAST_LPM = 2.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $filling = Filling::of($working, $workings);
            if (null === $filling || !$filling->isByHose() || !$filling->isVented()) {
                continue;
            }
            if ($filling->wallsStand($filling->givenLpm) && $filling->airKpa() <= $filling->wallKpa()) {
                continue;
            }
            $kpa = max($filling->fullKpa($filling->givenLpm), $filling->airKpa());
            $isSaid = null !== $working->tank->wallKpa;
            $findings[] = new Finding(
                TanksFinding::VentThin,
                [$working->tank->id],
                new Measure($kpa, $filling->wallKpa(), 'kPa'),
                \sprintf('A hose left on bulges %s', $working->tank->name),
                \sprintf('When it is full, all of %s has to leave by its vent, which takes %s on the lid; its walls stand %s%s. A blocked vent does the same from the first litre, and lets the pump suck the walls in.', $say->flow($filling->givenLpm), $say->pressure($kpa), $say->pressure($filling->wallKpa()), $isSaid ? '' : ', where the maker says nothing else'),
                static fn (): array => self::ways($filling, $workings),
                new LookAt($working->pointer().'/wall_kpa', 'Say what its walls stand'),
            );
        }

        return $findings;
    }

    /** @return list<Fix> every vent wider, or the hose turned down until it holds */
    private static function ways(Filling $filling, Workings $workings): array
    {
        $fixes = [];
        $nowMm = max(0.0, ...array_map(static fn ($run): float => HosePath::of($run)->narrowestMm(), $filling->outlets()));
        foreach (HosePath::BORES_MM as $mm) {
            if ($mm > $nowMm && $filling->wallsStand($filling->givenLpm, $mm)) {
                $names = implode(' and ', array_map(static fn ($run): string => $run->run->name ?? $run->port->name, $filling->outlets()));
                $fixes[] = new Fix(\sprintf('%s with a bore of %s', $names, $workings->say->mm($mm)), PlanPatch::all(array_map(static fn ($run): PlanPatch => HoseFixes::bore($run, $mm), $filling->outlets())));
                break;
            }
        }
        $lpm = floor(2 * $filling->givenLpm) / 2;
        while ($lpm >= self::LEAST_LPM && !$filling->wallsStand($lpm)) {
            $lpm -= 0.5;
        }

        return [...$fixes, ...$lpm >= self::LEAST_LPM ? HoseFixes::turnedDown($lpm, $workings) : []];
    }
}
