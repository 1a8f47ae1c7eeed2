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
    private const COLUMNS = 24;

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
     * the lowest edge of the drain, counted in columns.
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
            $columnMm2 = $length * $width / self::COLUMNS ** 2;
            for ($i = 0; $i < self::COLUMNS; ++$i) {
                for ($j = 0; $j < self::COLUMNS; ++$j) {
                    $x = $box->low[0] + ($i + 0.5) / self::COLUMNS * $length;
                    $y = $box->low[1] + ($j + 0.5) / self::COLUMNS * $width;
                    $level = $this->run->port->lowestMm() + $along * ($x - $portX) + $across * ($y - $portY);
                    $mm3 += $columnMm2 * min($height, max(0.0, $level - $box->low[2]));
                }
            }
            $allMm3 += $length * $width * $height;
        }

        // A cylinder's boxes hold more than it does.
        return $mm3 / $allMm3 * $this->run->tank->grossL();
    }
}
