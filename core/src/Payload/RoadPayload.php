<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The answer for a two-axled vehicle; all in kg. */
final readonly class RoadPayload implements Payload
{
    public function __construct(
        public FillLimit $gross,
        public FillLimit $front,
        public FillLimit $rear,
        /** Right less left wheels, from the listed loads and full tanks. */
        public float $sideDifferenceKg,
        private MaxFill $maxFill,
    ) {
    }

    public function limits(): array
    {
        return [$this->gross, $this->front, $this->rear];
    }

    public function maxFill(): MaxFill
    {
        return $this->maxFill;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'total_kg' => $this->gross->kgAt(1), 'gross_spare_kg' => $this->gross->spareAt(1),
            'front_kg' => $this->front->kgAt(1), 'rear_kg' => $this->rear->kgAt(1),
            'front_spare_kg' => $this->front->spareAt(1), 'rear_spare_kg' => $this->rear->spareAt(1),
            'side_difference_kg' => $this->sideDifferenceKg,
        ] + $this->maxFill->keys();
    }
}
