<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Bay\Box;
use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Tank\BoxShape;
use YardCask\Core\Tank\LyingCylinderShape;
use YardCask\Core\Tank\ProfileShape;
use YardCask\Core\Tank\TankShape;
use YardCask\Core\Tank\UprightCylinderShape;
use YardCask\Core\Tank\WheelArchShape;

/** The shape of a tank within its length, width and height; a cylinder's ends may be ellipses. */
enum PlannedShape: string implements NamedChoice
{
    case Box = 'box';
    case UprightCylinder = 'upright_cylinder';
    case LyingCylinder = 'lying_cylinder';
    case WheelArch = 'wheel_arch';
    case Profile = 'profile';

    private const SLICES = 6;

    public function word(): string
    {
        return match ($this) {
            self::Box => 'box',
            self::UprightCylinder => 'upright cylinder',
            self::LyingCylinder => 'lying cylinder',
            self::WheelArch => 'over a wheel arch',
            self::Profile => 'by a measured table',
        };
    }

    /**
     * An ellipse holds what a circle of its height or area does: stretched in one direction, every level keeps its share.
     * So it does not matter which way a lying cylinder lies.
     *
     * @param array{float, float, float} $size of the tank, in mm
     * @param list<PlannedLevel> $levels of one that was measured by filling it
     */
    public function inside(array $size, ?PlannedArch $arch, array $levels): TankShape
    {
        [$lengthMm, $widthMm, $heightMm] = $size;

        return match ($this) {
            self::Box => new BoxShape($lengthMm, $widthMm, $heightMm),
            self::UprightCylinder => new UprightCylinderShape(sqrt($lengthMm * $widthMm), $heightMm),
            self::LyingCylinder => new LyingCylinderShape($heightMm, $lengthMm * $widthMm / $heightMm),
            self::WheelArch => new WheelArchShape(
                new BoxShape($lengthMm, $widthMm, $heightMm),
                null === $arch ? new BoxShape(0.0, 0.0, 0.0) : new BoxShape($arch->lengthMm, $arch->widthMm, $arch->heightMm),
            ),
            self::Profile => new ProfileShape(
                [] === $levels
                    ? [['heightMm' => $heightMm, 'litres' => $lengthMm * $widthMm * $heightMm / 1e6]]
                    : array_map(
                        static fn (PlannedLevel $level): array => ['heightMm' => $level->heightMm, 'litres' => $level->litres],
                        $levels,
                    ),
            ),
        };
    }

    /**
     * @param array{float, float, float} $size of the tank, in mm
     *
     * @return non-empty-list<Box> what one tank of this shape fills, from its low corner
     */
    public function boxes(array $size, ?PlannedArch $arch): array
    {
        return match ($this) {
            self::WheelArch => null === $arch ? [Box::at([0.0, 0.0, 0.0], $size)] : $arch->around($size),
            // Seen from above its ends are round; a lying one's along its longer side.
            self::UprightCylinder => self::slices($size, 0, 1),
            self::LyingCylinder => self::slices($size, 1 - self::liesAlong($size), 2),
            default => [Box::at([0.0, 0.0, 0.0], $size)],
        };
    }

    /**
     * @param array{float, float, float} $size of the tank, in mm
     *
     * @return 0|1 the axis along which a lying cylinder lies: its longer side
     */
    public static function liesAlong(array $size): int
    {
        return $size[0] >= $size[1] ? 0 : 1;
    }

    /**
     * Slices across one axis, each as wide along another as the ellipse is at its widest there: they hold it.
     *
     * @param array{float, float, float} $size
     *
     * @return non-empty-list<Box>
     */
    private static function slices(array $size, int $across, int $wide): array
    {
        return array_map(static function (int $slice) use ($size, $across, $wide): Box {
            // From -1 to 1 along the axis that is cut.
            [$from, $to] = [2 * $slice / self::SLICES - 1, 2 * ($slice + 1) / self::SLICES - 1];
            $nearest = $from <= 0 && $to >= 0 ? 0.0 : min(abs($from), abs($to));
            $half = sqrt(1 - $nearest ** 2) / 2;
            [$low, $high] = [[0.0, 0.0, 0.0], $size];
            [$low[$across], $high[$across]] = [$size[$across] * ($from + 1) / 2, $size[$across] * ($to + 1) / 2];
            [$low[$wide], $high[$wide]] = [$size[$wide] * (0.5 - $half), $size[$wide] * (0.5 + $half)];

            return new Box([$low[0], $low[1], $low[2]], [$high[0], $high[1], $high[2]]);
        }, range(0, self::SLICES - 1));
    }
}
