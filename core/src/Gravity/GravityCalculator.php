<?php

declare(strict_types=1);

namespace YardCask\Core\Gravity;

use YardCask\Core\Pipe\AirFlow;
use YardCask\Core\Pipe\FlowSearch;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\Water;

/**
 * Water that runs out of a tank by its own fall: the head over the outlet is used up by the pipe, the outlet (q = k·√(p/100)) and,
 * through a vent that is only a hole, by the air that has to follow.
 *
 * Time is ∫ A dh / q. With h = u² the quotient has no pole where the head ends, so Simpson's rule holds to the end. Source: Bernoulli;
 * Darcy–Weisbach.
 */
final class GravityCalculator
{
    private const STEPS = 400;

    public static function calculate(GravityInput $tank): Gravity
    {
        $endM = max(0.0, $tank->levelM - $tank->deliverL / 1000 / $tank->surfaceM2) + $tank->dropM;
        $startM = $tank->levelM + $tank->dropM;
        [$startLpm, $endLpm] = [self::lpm($tank, $startM), self::lpm($tank, $endM)];

        return new Gravity($startLpm, $endLpm, $endLpm > 0 ? self::seconds($tank, $startM, $endM) : null);
    }

    /** @param float $headM over the outlet */
    private static function lpm(GravityInput $tank, float $headM): float
    {
        $loss = static fn (float $lpm): float => PipeCalculator::calculate($tank->pipe->with($lpm))->totalKpa()
            + 100 * ($lpm / $tank->outletLpmAt100kpa) ** 2
            + (null === $tank->ventBoreMm ? 0.0 : AirFlow::throughHoleKpa($lpm, $tank->ventBoreMm));

        return FlowSearch::lpm($loss, Water::density($tank->pipe->waterC) * Water::GRAVITY * $headM / 1000);
    }

    private static function seconds(GravityInput $tank, float $startM, float $endM): float
    {
        [$from, $to] = [sqrt($endM), sqrt($startM)];
        $step = ($to - $from) / self::STEPS;
        $sum = 0.0;
        for ($index = 0; $index <= self::STEPS; ++$index) {
            $u = $from + $index * $step;
            $weight = 0 === $index || self::STEPS === $index ? 1 : (0 === $index % 2 ? 2 : 4);
            $sum += $weight * 2 * $u / self::lpm($tank, $u ** 2);
        }

        return 60000 * $tank->surfaceM2 * $sum * $step / 3;
    }
}
