<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The notch in the floor of a tank that stands over a wheel arch, from the tank's front, left corner. */
final readonly class PlannedArch implements PlanPart
{
    use WrittenAsDeclared;

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

    /** A notch to begin with, in the middle of the tank's right side. */
    public static function proposedFor(PlannedTank $tank): self
    {
        return new self(
            round($tank->lengthMm / 4),
            round($tank->widthMm / 2),
            round($tank->lengthMm / 2),
            floor($tank->widthMm / 2),
            round($tank->heightMm / 2),
        );
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
