<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Hoses that let more through, and hoses that give less. */
final class HoseFixes
{
    private const LEAST_LPM = 2.0;

    /**
     * The reducer taken out, or else the smallest hose that is enough.
     *
     * @param callable(HosePath): bool $isEnough
     *
     * @return list<Fix>
     */
    public static function wider(TankRun $run, callable $isEnough, Workings $workings): array
    {
        $path = HosePath::of($run);
        if ($path->isReduced() && $isEnough($path->unreduced())) {
            return [new Fix(new Phrase('tanks.fix.no-reducer', ['hose' => $run->run?->name]), PlanPatch::remove('/runs/'.$run->runIndex.'/narrowest_mm'))];
        }
        foreach (HosePath::BORES_MM as $mm) {
            if ($mm > $run->boreMm() && $isEnough($path->withBore($mm))) {
                return [
                    new Fix(
                        new Phrase('tanks.fix.wider', ['hoses' => [$run->run->name ?? $run->port->name], 'bore' => Amount::mm($mm)]),
                        self::bore($run, $mm),
                    ),
                ];
            }
        }

        return [];
    }

    /** A port with its hose in another bore, with nothing narrower on the way. */
    public static function bore(TankRun $run, float $mm): PlanPatch
    {
        $patches = [PlanPatch::replace($run->portPointer().'/bore_mm', $mm)];
        foreach (['bore_mm' => $run->run?->boreMm, 'narrowest_mm' => $run->run?->narrowestMm] as $key => $said) {
            if (null !== $said) {
                $patches[] = PlanPatch::remove('/runs/'.$run->runIndex.'/'.$key);
            }
        }

        return PlanPatch::all($patches);
    }

    /** @return list<Fix> */
    public static function turnedDown(float $mostLpm, Workings $workings): array
    {
        $lpm = floor(2 * $mostLpm + 1e-6) / 2;

        return $lpm < self::LEAST_LPM ? [] : [
            new Fix(
                new Phrase('tanks.fix.turn-down', ['flow' => Amount::flow($lpm)]),
                PlanPatch::set('/load/hose_lpm', $lpm, null !== $workings->plan->load->hoseLpm),
            ),
        ];
    }
}
