<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** The shapes that a tank may have, and how each is read. */
enum TankShapeKind: string
{
    case Box = 'box';
    case UprightCylinder = 'upright_cylinder';
    case LyingCylinder = 'lying_cylinder';
    case WheelArch = 'wheel_arch';
    case Profile = 'profile';

    /** Reads the sizes that belong to this shape; sizes that contradict each other are reported. */
    public function read(InputReader $in): TankShape
    {
        $size = static fn (string $key): float => $in->number($key, Range::positive());

        return match ($this) {
            self::Box => new BoxShape($size('length_mm'), $size('width_mm'), $size('height_mm')),
            self::UprightCylinder => new UprightCylinderShape($size('diameter_mm'), $size('height_mm')),
            self::LyingCylinder => new LyingCylinderShape($size('diameter_mm'), $size('length_mm')),
            self::WheelArch => self::readWheelArch($in),
            self::Profile => self::readProfile($in),
        };
    }

    private static function readWheelArch(InputReader $in): TankShape
    {
        $box = new BoxShape(
            $in->number('length_mm', Range::positive()),
            $in->number('width_mm', Range::positive()),
            $in->number('height_mm', Range::positive()),
        );
        $arch = new BoxShape(
            $in->number('arch_length_mm', Range::notNegative()),
            $in->number('arch_width_mm', Range::notNegative()),
            $in->number('arch_height_mm', Range::notNegative()),
        );
        if ($in->failed()) {
            return new WheelArchShape($box, $arch);
        }
        foreach ([
            'length' => [$arch->lengthMm, $box->lengthMm],
            'width' => [$arch->widthMm, $box->widthMm],
            'height' => [$arch->heightMm, $box->heightMm],
        ] as $side => [$archMm, $boxMm]) {
            if ($archMm > $boxMm) {
                $in->fail('arch_'.$side.'_mm', \sprintf('The arch (%s mm) is larger than the tank (%s mm).', $archMm, $boxMm));
            }
        }
        if ($arch->lengthMm === $box->lengthMm && $arch->widthMm === $box->widthMm && $arch->heightMm === $box->heightMm) {
            $in->fail('arch_height_mm', 'The arch takes up the whole tank.');
        }

        return new WheelArchShape($box, $arch);
    }

    private static function readProfile(InputReader $in): TankShape
    {
        $points = [];
        foreach ($in->objects('points', 1000) as $index => $point) {
            $points[] = $next = ['heightMm' => $point->number('height_mm', Range::notNegative()), 'litres' => $point->number('litres', Range::notNegative())];
            $point->finish();
            $last = $points[$index - 1] ?? null;
            if (null !== $last && !$point->failed()) {
                if ($next['heightMm'] <= $last['heightMm']) {
                    $point->fail('height_mm', \sprintf('Heights must rise; %s mm follows %s mm.', $next['heightMm'], $last['heightMm']));
                }
                if ($next['litres'] <= $last['litres']) {
                    $point->fail('litres', \sprintf('Litres must rise; %s L follows %s L.', $next['litres'], $last['litres']));
                }
            }
        }
        if (\count($points) < 2 && !$in->failed()) {
            $in->fail('points', 'At least two points are needed, for example the floor and the lid.');
        }

        return new ProfileShape([] === $points ? [['heightMm' => 1.0, 'litres' => 1.0]] : $points);
    }
}
