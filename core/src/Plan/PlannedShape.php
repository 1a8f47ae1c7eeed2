<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\Worded;
use YardCask\Core\Tank\BoxShape;
use YardCask\Core\Tank\LyingCylinderShape;
use YardCask\Core\Tank\TankShape;
use YardCask\Core\Tank\UprightCylinderShape;

/** The shape of a tank's inside within its length, width and height; a cylinder's ends may be ellipses. */
enum PlannedShape: string implements Worded
{
    case Box = 'box';
    case UprightCylinder = 'upright_cylinder';
    case LyingCylinder = 'lying_cylinder';

    public function word(): string
    {
        return match ($this) {
            self::Box => 'box',
            self::UprightCylinder => 'upright cylinder',
            self::LyingCylinder => 'lying cylinder',
        };
    }

    /**
     * An ellipse holds what a circle of its height or area does: stretched in one direction, every level keeps its share.
     * So it does not matter which way a lying cylinder lies.
     */
    public function inside(float $lengthMm, float $widthMm, float $heightMm): TankShape
    {
        return match ($this) {
            self::Box => new BoxShape($lengthMm, $widthMm, $heightMm),
            self::UprightCylinder => new UprightCylinderShape(sqrt($lengthMm * $widthMm), $heightMm),
            self::LyingCylinder => new LyingCylinderShape($heightMm, $lengthMm * $widthMm / $heightMm),
        };
    }

    /** The volume between two levels as a formula; both in words, “(overflow − outlet)”. */
    public function formula(string $between): string
    {
        return match (true) {
            self::Box === $this => 'length × width × '.$between,
            self::UprightCylinder === $this, 'height' === $between => 'π/4 × length × width × '.$between,
            default => 'length × width × height × share of the ellipse over '.$between,
        };
    }
}
