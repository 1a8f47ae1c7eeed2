<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/**
 * Loss of pressure along a pipe: Δp = (f·L/D + ΣK)·ρv²/2 + ρg·rise.
 *
 * f is 64/Re below Re 2300, Colebrook–White's above 4000, and linear in Re between the values at these two ends. Source:
 * Darcy–Weisbach; Hagen–Poiseuille; C. F. Colebrook (1939).
 */
final class PipeCalculator
{
    public const LAMINAR_UP_TO = 2300.0;
    public const TURBULENT_FROM = 4000.0;
    private const CONVERGED = 1e-13;
    private const MOST_STEPS = 80;

    public static function calculate(PipeInput $pipe): PipeLoss
    {
        $boreM = $pipe->boreMm / 1000;
        $density = Water::density($pipe->waterC);
        $velocity = $pipe->flowLpm / 60000 / (\M_PI / 4 * $boreM ** 2);
        $reynolds = $density * $velocity * $boreM / Water::viscosity($pipe->waterC);
        $factor = $velocity > 0 ? self::frictionFactor($reynolds, $pipe->roughnessMm / $pipe->boreMm) : null;
        $headKpa = $density * $velocity ** 2 / 2 / 1000;

        return new PipeLoss(
            $velocity,
            $reynolds,
            $factor,
            ($factor ?? 0.0) * $pipe->lengthM / $boreM * $headKpa,
            $pipe->kSum * $headKpa,
            $density * Water::GRAVITY * $pipe->riseM / 1000,
        );
    }

    /**
     * The flow that a pressure drives through a pipe, in L/min; none where it does not outweigh the rise.
     *
     * Friction rises with about the first to the third power of the flow, so that taking the flow times √(wanted ÷ found) halves
     * what it is out by, at least.
     *
     * @param float $kpa between its two ends
     */
    public static function flowLpm(PipeInput $pipe, float $kpa): float
    {
        $wantedKpa = $kpa - Water::density($pipe->waterC) * Water::GRAVITY * $pipe->riseM / 1000;
        if ($wantedKpa <= 0) {
            return 0.0;
        }
        $lpm = 1.0;
        for ($step = 0; $step < self::MOST_STEPS; ++$step) {
            $loss = self::calculate(new PipeInput($pipe->lengthM, $pipe->boreMm, $lpm, $pipe->kSum, 0.0, $pipe->roughnessMm, $pipe->waterC))->totalKpa();
            $next = $lpm * sqrt($wantedKpa / $loss);
            if (abs($next - $lpm) <= 1e-9 * $next) {
                break;
            }
            $lpm = $next;
        }

        return $lpm;
    }

    /** Darcy's, at a Reynolds number above 0 and a roughness as a fraction of the bore. */
    public static function frictionFactor(float $reynolds, float $roughness): float
    {
        if ($reynolds <= self::LAMINAR_UP_TO) {
            return 64 / $reynolds;
        }
        if ($reynolds >= self::TURBULENT_FROM) {
            return self::colebrook($reynolds, $roughness);
        }
        $part = ($reynolds - self::LAMINAR_UP_TO) / (self::TURBULENT_FROM - self::LAMINAR_UP_TO);

        return (1 - $part) * 64 / self::LAMINAR_UP_TO + $part * self::colebrook(self::TURBULENT_FROM, $roughness);
    }

    /** 1/√f = −2·lg(ε/3.7 + 2.51/(Re·√f)), by Newton's method from Haaland's explicit formula. */
    private static function colebrook(float $reynolds, float $roughness): float
    {
        $x = -1.8 * log10(($roughness / 3.7) ** 1.11 + 6.9 / $reynolds);
        do {
            $inside = $roughness / 3.7 + 2.51 * $x / $reynolds;
            $step = ($x + 2 * log10($inside)) / (1 + 2 * 2.51 / ($reynolds * $inside * \M_LN10));
            $x -= $step;
        } while (abs($step) > self::CONVERGED * abs($x));

        return 1 / $x ** 2;
    }
}
