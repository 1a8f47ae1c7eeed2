<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Bay\Box;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The notch in the floor of a tank that stands over a wheel arch, from the tank's front, left corner. */
final readonly class PlannedArch implements PlanPart
{
    use WrittenAsDeclared;

    /** An arch that takes more of the floor than this leaves none. */
    private const MOST_FLOOR = 0.98;
    private const NOTHING_MM = 0.5;

    public function __construct(
        #[Measured('from the tank’s front to its arch', 'Arch, from its front', Kind::Length, Unit::Millimetre, 0, 4000)]
        public float $xMm,
        #[Measured('from the tank’s left side to its arch', 'Arch, from its left', Kind::Length, Unit::Millimetre, 0, 4000)]
        public float $yMm,
        #[Measured('an arch’s length', 'Arch, along', Kind::Length, Unit::Millimetre, 10, 4000)]
        public float $lengthMm,
        #[Measured('an arch’s width', 'Arch, across', Kind::Length, Unit::Millimetre, 10, 4000)]
        public float $widthMm,
        #[Measured('an arch’s height', 'Arch, height', Kind::Length, Unit::Millimetre, 10, 2000)]
        public float $heightMm,
    ) {
    }

    /**
     * A notch to begin with, in the middle of the tank's right side.
     *
     * @param array{float, float, float} $size of the tank
     */
    public static function proposedIn(array $size): self
    {
        [$lengthMm, $widthMm, $heightMm] = $size;

        return new self(round($lengthMm / 4), round($widthMm / 2), round($lengthMm / 2), floor($widthMm / 2), round($heightMm / 2));
    }

    /**
     * What contradicts the size of its tank.
     *
     * @param array{float, float, float} $size of the tank
     * @param InputReader $in at the tank
     */
    public function check(array $size, InputReader $in): void
    {
        [$lengthMm, $widthMm, $heightMm] = $size;
        foreach ([
            'length_mm' => [$this->xMm + $this->lengthMm, $lengthMm, 'long'],
            'width_mm' => [$this->yMm + $this->widthMm, $widthMm, 'wide'],
        ] as $key => [$endMm, $mm, $word]) {
            if ($endMm > $mm + self::NOTHING_MM) {
                $in->fail('arch/'.$key, \sprintf('The arch ends %s mm from its corner, and the tank is %s mm %s.', $endMm, $mm, $word));
            }
        }
        if ($this->heightMm >= $heightMm) {
            $in->fail('arch/height_mm', \sprintf('The arch (%s mm) must be lower than the tank (%s mm).', $this->heightMm, $heightMm));
        } elseif ($this->lengthMm * $this->widthMm >= self::MOST_FLOOR * $lengthMm * $widthMm) {
            $in->fail('arch/width_mm', 'The arch takes the whole floor of the tank: measure the tank from the top of the arch instead.');
        }
    }

    /** After a quarter turn of its tank, of which the length was $tankMm. */
    public function turned(float $tankMm): self
    {
        return PartFields::changed(
            $this,
            [
                'xMm' => $this->yMm,
                'yMm' => max(0.0, $tankMm - $this->xMm - $this->lengthMm),
                'lengthMm' => $this->widthMm,
                'widthMm' => $this->lengthMm,
            ],
        );
    }

    /**
     * What is left of a box around the notch: what lies above it, before and behind it, and to its left and right.
     *
     * @param array{float, float, float} $size of the tank
     *
     * @return non-empty-list<Box> touching boxes, from the tank's corner
     */
    public function around(array $size): array
    {
        [$length, $width, $height] = $size;
        $top = min($this->heightMm, $height);
        [$front, $rear] = [$this->xMm, $this->xMm + $this->lengthMm];
        [$left, $right] = [$this->yMm, $this->yMm + $this->widthMm];
        $boxes = [];
        foreach ([
            [[0.0, 0.0, $top], [$length, $width, $height]],
            [[0.0, 0.0, 0.0], [$front, $width, $top]],
            [[$rear, 0.0, 0.0], [$length, $width, $top]],
            [[$front, 0.0, 0.0], [$rear, $left, $top]],
            [[$front, $right, 0.0], [$rear, $width, $top]],
        ] as [$low, $high]) {
            if ($high[0] > $low[0] && $high[1] > $low[1] && $high[2] > $low[2]) {
                $boxes[] = new Box($low, $high);
            }
        }

        return [] === $boxes ? [Box::at([0.0, 0.0, 0.0], $size)] : $boxes;
    }
}
