<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** A tank measured by filling it: litres read at rising heights, linear between them and from an empty floor to the first. */
final readonly class ProfileShape implements TankShape
{
    /** @param non-empty-list<array{heightMm: float, litres: float}> $points heights and litres both rising */
    public function __construct(private array $points)
    {
    }

    public function heightMm(): float
    {
        return $this->points[\count($this->points) - 1]['heightMm'];
    }

    public function litresBelow(float $levelMm): float
    {
        $below = ['heightMm' => 0.0, 'litres' => 0.0];
        foreach ($this->points as $above) {
            if ($levelMm <= $above['heightMm']) {
                $rise = $above['heightMm'] - $below['heightMm'];

                return $rise > 0
                    ? $below['litres'] + ($above['litres'] - $below['litres']) * ($levelMm - $below['heightMm']) / $rise
                    : $above['litres'];
            }
            $below = $above;
        }

        return $below['litres'];
    }
}
