<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\Filling;
use YardCask\Core\Stage\Tanks\Shared\HoseFixes;
use YardCask\Core\Stage\Tanks\Shared\HosePath;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** The vents of a full tank do not carry what a hose gives without pressing on its walls: a hose left on bulges it. */
final class VentThin implements RuleWithThresholds
{
    private const LEAST_LPM = 2.0;

    public static function thresholds(): array
    {
        return ['wall_usual' => Amount::pressure(Filling::USUAL_WALL_KPA)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $filling = Filling::of($working, $workings);
            if (null === $filling || !$filling->isByHose() || !$filling->isVented()) {
                continue;
            }
            if ($filling->wallsStand($filling->givenLpm) && $filling->airKpa() <= $filling->wallKpa()) {
                continue;
            }
            $kpa = max($filling->fullKpa($filling->givenLpm), $filling->airKpa());
            $findings[] = new Finding(
                TanksFinding::VentThin,
                [$working->tank->id],
                new Measure($kpa, $filling->wallKpa(), 'kPa'),
                new SnagText('tanks.vent-thin.title', 'tanks.vent-thin.why', [
                    'tank' => $working->tank->name,
                    'flow' => Amount::flow($filling->givenLpm),
                    'pressure' => Amount::pressure($kpa),
                    'pressure_rated' => Amount::pressure($filling->wallKpa()),
                    'rating' => null === $working->tank->wallKpa ? 'assumed' : 'known',
                ]),
                static fn (): array => self::ways($filling, $workings),
                new LookAt($working->pointer().'/wall_kpa', new Phrase('tanks.vent-thin.look')),
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
                $names = array_map(static fn ($run): string => $run->run->name ?? $run->port->name, $filling->outlets());
                $patch = PlanPatch::all(array_map(static fn ($run): PlanPatch => HoseFixes::bore($run, $mm), $filling->outlets()));
                $fixes[] = new Fix(new Phrase('tanks.fix.wider', ['hoses' => $names, 'bore' => Amount::mm($mm)]), $patch);
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
