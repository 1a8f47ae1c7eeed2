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
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\FilledTanks;
use YardCask\Core\Stage\Tanks\Shared\FillStream;
use YardCask\Core\Stage\Tanks\Shared\HoseFixes;
use YardCask\Core\Stage\Tanks\Shared\HosePath;
use YardCask\Core\Stage\Tanks\Shared\Openings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\WayOut;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** The openings of a tank do not carry what comes without pressing on its walls: what is left on bulges it. */
final class VentThin implements RuleWithThresholds
{
    private const LEAST_LPM = 2.0;

    public static function thresholds(): array
    {
        return ['wall_usual' => Amount::pressure(Openings::USUAL_WALL_KPA)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $worst = self::worst($working, $workings);
            if (null === $worst) {
                continue;
            }
            $findings[] = new Finding(
                $worst->isMains() ? TanksFinding::OverflowSmall : TanksFinding::VentThin,
                [$working->tank->id],
                new Measure($worst->lidKpa(), $worst->openings->wallKpa, 'kPa'),
                self::text($worst, $working),
                static fn (): array => self::ways($working, $workings),
                new LookAt($working->pointer().'/wall_kpa', new Phrase('tanks.vent-thin.look')),
            );
        }

        return $findings;
    }

    private static function text(FillStream $worst, TankWorking $working): SnagText
    {
        $with = [
            'tank' => $working->tank->name,
            'flow' => Amount::flow($worst->lpm),
            'pressure' => Amount::pressure($worst->lidKpa()),
            'pressure_rated' => Amount::pressure($worst->openings->wallKpa),
            'rating' => null === $working->tank->wallKpa ? 'assumed' : 'known',
        ];

        return $worst->isMains()
            ? new SnagText('tanks.overflow-small.title', 'tanks.overflow-small.why', $with)
            : new SnagText('tanks.vent-thin.title', 'tanks.vent-thin.why', ['by' => $worst->by] + $with);
    }

    /** Of what its walls do not stand, that which presses most; where nothing can leave at all that is a finding of its own. */
    private static function worst(TankWorking $working, Workings $workings): ?FillStream
    {
        $worst = null;
        foreach (self::streams($working, $workings) as $stream) {
            if (!$stream->wallsStand() && (null === $worst || $stream->lidKpa() > $worst->lidKpa())) {
                $worst = $stream;
            }
        }

        return $worst;
    }

    /** @return list<FillStream> */
    private static function streams(TankWorking $working, Workings $workings): array
    {
        return array_values(array_filter(FilledTanks::streams($working, $workings), static fn (FillStream $stream): bool => !$stream->isSealed()));
    }

    /** @return list<Fix> every vent wider, another where there is none, or the hose turned down until it holds */
    private static function ways(TankWorking $working, Workings $workings): array
    {
        $streams = self::streams($working, $workings);
        $runs = array_values(array_filter($streams[0]->openings->runs, static fn (TankRun $run): bool => PortRole::Fill !== $run->port->role));
        if ([] === $runs) {
            return WayOut::fixes($working, $workings);
        }
        $byHose = array_filter($streams, static fn (FillStream $stream): bool => $stream->isByHose());

        return [...self::wider($runs, $streams), ...\count($byHose) === \count($streams) ? self::turnedDown($streams, $workings) : []];
    }

    /**
     * @param non-empty-list<TankRun> $runs
     * @param list<FillStream> $streams
     *
     * @return list<Fix>
     */
    private static function wider(array $runs, array $streams): array
    {
        $nowMm = max(array_map(static fn (TankRun $run): float => HosePath::of($run)->narrowestMm(), $runs));
        foreach (HosePath::BORES_MM as $mm) {
            $burst = array_filter($streams, static fn (FillStream $stream): bool => !$stream->wallsStand($mm));
            if ($mm > $nowMm && [] === $burst) {
                $names = array_map(static fn (TankRun $run): string => $run->run->name ?? $run->port->name, $runs);
                $patch = PlanPatch::all(array_map(static fn (TankRun $run): PlanPatch => HoseFixes::bore($run, $mm), $runs));

                return [new Fix(new Phrase('tanks.fix.wider', ['hoses' => $names, 'bore' => Amount::mm($mm)]), $patch)];
            }
        }

        return [];
    }

    /**
     * @param list<FillStream> $streams
     *
     * @return list<Fix>
     */
    private static function turnedDown(array $streams, Workings $workings): array
    {
        $lpm = floor(2 * $streams[0]->lpm) / 2;
        while ($lpm >= self::LEAST_LPM && !$streams[0]->openings->wallsStand($lpm)) {
            $lpm -= 0.5;
        }

        return $lpm >= self::LEAST_LPM ? HoseFixes::turnedDown($lpm, $workings) : [];
    }
}
