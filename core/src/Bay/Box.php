<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A box along the three axes, in mm: its low corner and its high corner. */
final readonly class Box implements \JsonSerializable
{
    /**
     * @param array{float, float, float} $low x, y, z
     * @param array{float, float, float} $high x, y, z
     */
    public function __construct(
        public array $low,
        public array $high,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $low = [$in->number('x_mm', Range::any()), $in->number('y_mm', Range::any()), $in->number('z_mm', Range::any())];
        $size = self::readSize($in);
        $in->finish();

        return self::at($low, $size);
    }

    /** @return array{float, float, float} */
    public static function readSize(InputReader $in): array
    {
        return [$in->number('length_mm', Range::positive()), $in->number('width_mm', Range::positive()), $in->number('height_mm', Range::positive())];
    }

    /**
     * @param array{float, float, float} $low
     * @param array{float, float, float} $size
     */
    public static function at(array $low, array $size): self
    {
        return new self($low, [$low[0] + $size[0], $low[1] + $size[1], $low[2] + $size[2]]);
    }

    /** @param array{float, float, float} $by */
    public function moved(array $by): self
    {
        return new self(
            [$this->low[0] + $by[0], $this->low[1] + $by[1], $this->low[2] + $by[2]],
            [$this->high[0] + $by[0], $this->high[1] + $by[1], $this->high[2] + $by[2]],
        );
    }

    /** With room around it on each face. */
    public function grown(Clearance $room): self
    {
        return new self(
            [$this->low[0] - $room->low[0], $this->low[1] - $room->low[1], $this->low[2] - $room->low[2]],
            [$this->high[0] + $room->high[0], $this->high[1] + $room->high[1], $this->high[2] + $room->high[2]],
        );
    }

    /** The overlap with another box, in mm, along the axis where it is smallest; negative if they are apart. */
    public function overlapMm(self $other): float
    {
        return min(
            $this->high[0] - $other->low[0],
            $other->high[0] - $this->low[0],
            $this->high[1] - $other->low[1],
            $other->high[1] - $this->low[1],
            $this->high[2] - $other->low[2],
            $other->high[2] - $this->low[2],
        );
    }

    /** The shortest way from one to the other, in mm; nothing where they touch or overlap. */
    public function apartMm(self $other): float
    {
        $gap = fn (int $axis): float => max(0.0, $other->low[$axis] - $this->high[$axis], $this->low[$axis] - $other->high[$axis]);

        return sqrt($gap(0) ** 2 + $gap(1) ** 2 + $gap(2) ** 2);
    }

    /** Whether it lies at least partly over another, seen from above, and no lower. */
    public function isOver(self $other): bool
    {
        return $this->low[0] < $other->high[0] && $other->low[0] < $this->high[0]
            && $this->low[1] < $other->high[1] && $other->low[1] < $this->high[1]
            && $this->high[2] > $other->high[2];
    }

    /** How far this box projects from another, in mm, at each wall: at low x, y, z and at high x, y, z. */
    public function beyond(self $other): Clearance
    {
        $out = static fn (float $mm): float => max(0.0, $mm);

        return new Clearance(
            [$out($other->low[0] - $this->low[0]), $out($other->low[1] - $this->low[1]), $out($other->low[2] - $this->low[2])],
            [$out($this->high[0] - $other->high[0]), $out($this->high[1] - $other->high[1]), $out($this->high[2] - $other->high[2])],
        );
    }

    /** @return array{float, float, float} length, width, height */
    public function sizeMm(): array
    {
        return [$this->high[0] - $this->low[0], $this->high[1] - $this->low[1], $this->high[2] - $this->low[2]];
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return [
            'x_mm' => $this->low[0], 'y_mm' => $this->low[1], 'z_mm' => $this->low[2],
            'length_mm' => $this->high[0] - $this->low[0], 'width_mm' => $this->high[1] - $this->low[1], 'height_mm' => $this->high[2] - $this->low[2],
        ];
    }
}
