<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Run\TrappedCalculator;
use YardCask\Core\Run\TrappedInput;

/** Emptying a tank by its lowest drain: the pressure behind the valve, the time it takes, and what stays. */
final readonly class Draining
{
    /** Chocks or a kerb under one side, a sloping field: as far as a rig is tilted by hand to drain it. */
    public const SLOPE_PERCENT = 8.0;
    private const SLICES = 20;

    private function __construct(
        public TankRun $run,
        private HosePath $path,
    ) {
    }

    /** Null without a drain. */
    public static function of(TankWorking $working, Workings $workings): ?self
    {
        $drains = array_filter(
            $workings->of(RunWorkings::class)->that(PortRole::Drain),
            static fn (TankRun $run): bool => $run->tank->index === $working->index,
        );
        usort($drains, static fn (TankRun $a, TankRun $b): int => $a->port->lowestMm() <=> $b->port->lowestMm());
        $run = $drains[0] ?? null;

        return null === $run || \INF === $run->port->lowestMm() ? null : new self($run, HosePath::of($run));
    }

    /** Whether the drain is a cap or a plug, which has to be taken off by hand with the water coming. */
    public function isCapped(): bool
    {
        return !\in_array($this->run->run?->end, [RunEnd::Valve, RunEnd::Open], true);
    }

    /** How far a full tank stands above the drain. */
    public function headM(): float
    {
        return max(0.0, $this->run->overflowM() - $this->run->heightsM()[0]);
    }

    public function headKpa(): float
    {
        return Water::density(PipeInput::COLD_C) * Water::GRAVITY * $this->headM() / 1000;
    }

    public function firstLpm(): float
    {
        return $this->flowLpm($this->headM());
    }

    /** From brim full to where it stops, with the vent open; null where nothing runs. */
    public function minutes(): ?float
    {
        $tank = $this->run->tank->tank;
        $input = $tank->tankInput();
        $lowMm = $this->run->port->lowestMm();
        $stepMm = ($tank->overflowMm() - $lowMm) / self::SLICES;
        $minutes = 0.0;
        for ($slice = 0; $slice < self::SLICES; ++$slice) {
            $fromMm = $lowMm + $slice * $stepMm;
            $litres = $tank->count * ($input->shape->litresBelow($fromMm + $stepMm) - $input->shape->litresBelow($fromMm)) * (1 - $tank->baffledFraction());
            $lpm = $this->flowLpm(($fromMm + $stepMm / 2 - $lowMm) / 1000);
            if ($lpm <= 0) {
                return null;
            }
            $minutes += $litres / $lpm;
        }

        return $minutes;
    }

    public function leftOnLevelL(): float
    {
        return RunWorkings::undrainedL($this->run->tank);
    }

    /**
     * What stays in the tank on the best of the slopes that a rig is put on by hand: all that lies under the level plane through
     * the lowest edge of the drain.
     */
    public function leftOnSlopeL(): float
    {
        $slope = self::SLOPE_PERCENT / 100;
        $least = $this->leftOnLevelL();
        foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1]] as [$along, $across]) {
            $least = min($least, $this->belowPlaneL($along * $slope, $across * $slope));
        }

        return $least;
    }

    /**
     * What stays in a tank that is drained as well as it can be, on the best slope where it has a drain; in litres.
     *
     * @param float $harmlessL that little is not looked into any further
     */
    public static function leftAtBestL(TankWorking $working, Workings $workings, float $harmlessL): float
    {
        $levelL = RunWorkings::undrainedL($working);

        return $levelL <= $harmlessL ? $levelL : self::of($working, $workings)?->leftOnSlopeL() ?? $levelL;
    }

    /** What stays in its hose on the best slope along the rig; null without a hose. */
    public function hoseLeftL(): ?float
    {
        $points = $this->run->points();
        if (\count($points) < 2) {
            return null;
        }
        $left = static fn (float $percent): float => TrappedCalculator::calculate(new TrappedInput(1.0, $points, $percent))->litres();

        return $this->run->boreMm() ** 2 * min($left(0.0), $left(self::SLOPE_PERCENT), $left(-self::SLOPE_PERCENT));
    }

    private function flowLpm(float $headM): float
    {
        $heights = $this->run->heightsM();

        return $this->path->flowLpm($headM + max(0.0, $heights[0] - $heights[\count($heights) - 1]));
    }

    /** @param float $along the plane's rise per length rearward, $across to the right */
    private function belowPlaneL(float $along, float $across): float
    {
        $tank = $this->run->tank->tank;
        [$portX, $portY] = $this->run->port->atMm($tank->body()->sizeMm());
        $mm3 = $allMm3 = 0.0;
        foreach ($tank->boxes() as $box) {
            [$length, $width, $height] = $box->sizeMm();
            // Above the box's floor, at its corner in front on the left.
            $levelMm = $this->run->port->lowestMm() + $along * ($box->low[0] - $portX) + $across * ($box->low[1] - $portY) - $box->low[2];
            $mm3 += self::underMm3($levelMm, [$along, $across], [$length, $width]) - self::underMm3($levelMm - $height, [$along, $across], [$length, $width]);
            $allMm3 += $length * $width * $height;
        }

        // A cylinder's boxes hold more than it does.
        return $mm3 / $allMm3 * $this->run->tank->grossL();
    }

    /**
     * What lies between a rectangle and a plane, where the plane is above it: the integral of max(0, z) over the rectangle, which is a
     * sum over its corners, since z⁺³ / (6ab) derived by both sides is z⁺.
     *
     * @param float $levelMm of the plane at the rectangle's corner
     * @param array{float, float} $rises of the plane per length, along the sides
     * @param array{float, float} $sides of the rectangle, in mm
     */
    private static function underMm3(float $levelMm, array $rises, array $sides): float
    {
        [$a, $b] = $rises;
        [$ofA, $ofB] = [0.0 === $a ? [0.0] : [0.0, $a * $sides[0]], 0.0 === $b ? [0.0] : [0.0, $b * $sides[1]]];
        $power = \count($ofA) + \count($ofB) - 1;
        $sum = 0.0;
        foreach ($ofA as $i => $riseA) {
            foreach ($ofB as $j => $riseB) {
                $sign = (\count($ofA) + \count($ofB) - $i - $j) % 2 === 1 ? -1 : 1;
                $sum += $sign * max(0.0, $levelMm + $riseA + $riseB) ** $power;
            }
        }

        return $sum / (0.0 === $a ? 1 / $sides[0] : $a) / (0.0 === $b ? 1 / $sides[1] : $b) / [1 => 1, 2 => 2, 3 => 6][$power];
    }
}
