<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** The inside of a tank as boxes of the same volume, for a surface tilted along one axis. */
final class TankCells
{
    /** Of a round tank: each is as wide, or as high, as the tank is on the mean over it. */
    private const STRIPS = 24;

    /**
     * @param 0|1 $along the axis along which the surface tilts
     *
     * @return non-empty-list<Box> from the tank's low corner; a round or a measured one's are as wide as its volume asks, not where it is
     */
    public static function of(PlannedTank $tank, int $along): array
    {
        return match ($tank->shape) {
            PlannedShape::Box, PlannedShape::WheelArch => $tank->boxesOfOne(),
            PlannedShape::UprightCylinder => self::strips($tank, $along, 1 - $along),
            PlannedShape::LyingCylinder => PlannedShape::liesAlong($tank->sizeMm()) === $along
                ? self::layers($tank, $along, self::evenly($tank->heightMm))
                : self::strips($tank, $along, 2),
            PlannedShape::Profile => self::layers($tank, $along, [] === $tank->levels ? [$tank->heightMm] : array_column($tank->levels, 'heightMm')),
        };
    }

    /**
     * Strips side by side along the tilt, cut from an ellipse that is as wide along another axis.
     *
     * @return non-empty-list<Box>
     */
    private static function strips(PlannedTank $tank, int $along, int $wide): array
    {
        $size = [$tank->lengthMm, $tank->widthMm, $tank->heightMm];

        return array_map(static function (int $strip) use ($size, $along, $wide): Box {
            [$from, $to] = [2 * $strip / self::STRIPS - 1, 2 * ($strip + 1) / self::STRIPS - 1];
            $half = (self::underCircle($to) - self::underCircle($from)) / ($to - $from) / 2;
            [$low, $high] = [[0.0, 0.0, 0.0], $size];
            [$low[$along], $high[$along]] = [$size[$along] * ($from + 1) / 2, $size[$along] * ($to + 1) / 2];
            [$low[$wide], $high[$wide]] = [$size[$wide] * (0.5 - $half), $size[$wide] * (0.5 + $half)];

            return new Box([$low[0], $low[1], $low[2]], [$high[0], $high[1], $high[2]]);
        }, range(0, self::STRIPS - 1));
    }

    /**
     * Layers one on another, as long as the tank along the tilt and as wide as what they hold asks.
     *
     * @param non-empty-list<float> $tops rising, in mm above the floor
     *
     * @return non-empty-list<Box>
     */
    private static function layers(PlannedTank $tank, int $along, array $tops): array
    {
        $inside = $tank->inside();
        $lengthMm = 0 === $along ? $tank->lengthMm : $tank->widthMm;
        $boxes = [];
        $floor = 0.0;
        foreach ($tops as $top) {
            if ($top <= $floor) {
                continue;
            }
            $wideMm = 1e6 * ($inside->litresBelow($top) - $inside->litresBelow($floor)) / ($top - $floor) / $lengthMm;
            $boxes[] = Box::at([0.0, 0.0, $floor], 0 === $along ? [$lengthMm, $wideMm, $top - $floor] : [$wideMm, $lengthMm, $top - $floor]);
            $floor = $top;
        }

        return [] === $boxes ? $tank->boxesOfOne() : $boxes;
    }

    /** @return non-empty-list<float> */
    private static function evenly(float $heightMm): array
    {
        return array_map(static fn (int $layer): float => $heightMm * $layer / self::STRIPS, range(1, self::STRIPS));
    }

    /** ∫ √(1 − t²) dt from 0. */
    private static function underCircle(float $to): float
    {
        return ($to * sqrt(max(0.0, 1 - $to ** 2)) + asin(max(-1.0, min(1.0, $to)))) / 2;
    }
}
