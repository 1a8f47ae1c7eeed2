<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** A rotation by right angles: which axis of the body lies along each axis of the bay, and its direction. */
final readonly class Turn
{
    /**
     * @param array{int, int, int} $axes the body's axis (0, 1, 2) that lies along the bay's x, y, z
     * @param array{int, int, int} $signs 1, or -1 where it runs the other way
     */
    private function __construct(
        private array $axes,
        private array $signs,
    ) {
    }

    /** @return list<self> the four about the vertical, or all 24; as it stands first */
    public static function all(bool $upright): array
    {
        $turns = [];
        foreach ([[0, 1, 2], [1, 0, 2], [0, 2, 1], [2, 1, 0], [1, 2, 0], [2, 0, 1]] as $axes) {
            foreach ([1, -1] as $x) {
                foreach ([1, -1] as $y) {
                    // A rotation is no mirror: the third sign follows from the others.
                    $z = $x * $y * (\in_array($axes, [[1, 0, 2], [0, 2, 1], [2, 1, 0]], true) ? -1 : 1);
                    if (!$upright || (2 === $axes[2] && 1 === $z)) {
                        $turns[] = new self($axes, [$x, $y, $z]);
                    }
                }
            }
        }

        return $turns;
    }

    public function box(Box $box): Box
    {
        $low = $high = [0.0, 0.0, 0.0];
        foreach ($this->axes as $axis => $from) {
            [$low[$axis], $high[$axis]] = 1 === $this->signs[$axis] ? [$box->low[$from], $box->high[$from]] : [-$box->high[$from], -$box->low[$from]];
        }

        return new Box($low, $high);
    }

    public function clearance(Clearance $room): Clearance
    {
        $low = $high = [0.0, 0.0, 0.0];
        foreach ($this->axes as $axis => $from) {
            [$low[$axis], $high[$axis]] = 1 === $this->signs[$axis] ? [$room->low[$from], $room->high[$from]] : [$room->high[$from], $room->low[$from]];
        }

        return new Clearance($low, $high);
    }
}
