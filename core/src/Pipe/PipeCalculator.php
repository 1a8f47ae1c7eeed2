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
     * @param float $kpa between its two ends
     */
    public static function flowLpm(PipeInput $pipe, float $kpa): float
    {
        $staticKpa = Water::density($pipe->waterC) * Water::GRAVITY * $pipe->riseM / 1000;

        return FlowSearch::lpm(static fn (float $lpm): float => self::calculate($pipe->with($lpm))->totalKpa() - $staticKpa, $kpa - $staticKpa);
    }

    /** Darcy's, at a Reynolds number above 0 and a roughness as a fraction of the bore. */
    public static function frictionFactor(float $reynolds, float $roughness): float
    {
        return self::frictionFactorAndSlope($reynolds, $roughness)[0];
    }

    /** @return array{float, float} Darcy's, and how it changes with the Reynolds number */
    public static function frictionFactorAndSlope(float $reynolds, float $roughness): array
    {
        if ($reynolds <= self::LAMINAR_UP_TO) {
            return [64 / $reynolds, -64 / $reynolds ** 2];
        }
        if ($reynolds >= self::TURBULENT_FROM) {
            return self::colebrook($reynolds, $roughness);
        }
        $laminar = 64 / self::LAMINAR_UP_TO;
        $slope = (self::colebrook(self::TURBULENT_FROM, $roughness)[0] - $laminar) / (self::TURBULENT_FROM - self::LAMINAR_UP_TO);

        return [$laminar + $slope * ($reynolds - self::LAMINAR_UP_TO), $slope];
    }

    /**
     * 1/√f = −2·lg(ε/3.7 + 2.51/(Re·√f)), by Newton's method from Haaland's explicit formula.
     *
     * @return array{float, float} f, and df/dRe
     */
    private static function colebrook(float $reynolds, float $roughness): array
    {
        $x = -1.8 * log10(($roughness / 3.7) ** 1.11 + 6.9 / $reynolds);
        do {
            $inside = $roughness / 3.7 + 2.51 * $x / $reynolds;
            $by = 2 * 2.51 / ($reynolds * $inside * \M_LN10);
            $step = ($x + 2 * log10($inside)) / (1 + $by);
            $x -= $step;
        } while (abs($step) > self::CONVERGED * abs($x));

        // With x = 1/√f: dx/dRe = by · x/Re ÷ (1 + by).
        return [1 / $x ** 2, -2 / $x ** 3 * $by * $x / $reynolds / (1 + $by)];
    }
}
