<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Payload\Mass;
use YardCask\Core\Plan\Rig\PlannedRig;

/**
 * A part of the line, or several taken as one, by what it weighs dry and what water stands in it.
 *
 * @phpstan-type KeptWeight array{string, float, float, float, float, float}
 */
final readonly class LineWeight
{
    public function __construct(
        public string $name,
        /** Dry, in kg. */
        public float $ownKg,
        public float $waterL,
        /** Along and across the rig and above the ground or the keel, in m. */
        public float $xM,
        public float $yM,
        public float $zM,
        /** Where the part stands in the plan; null for several. */
        public ?string $pointer = null,
        /** Whether nobody has said where it is. */
        public bool $isGuessed = true,
    ) {
    }

    /**
     * @param array{float, float}|null $place along and across; what nobody has placed is taken to be in the middle of the rig, where it leans to no side
     * @param array{float, float, float} $weights what it weighs dry in kg, the water in it in L, and its height in m
     */
    public static function placed(?array $place, string $name, array $weights, PlannedRig $rig, ?string $pointer = null): self
    {
        [$xM, $yM] = $place ?? [$rig->bodyFromM() + $rig->sizes()->lengthM / 2, 0.0];
        [$ownKg, $waterL, $zM] = $weights;

        return new self(
            name: $name,
            ownKg: $ownKg,
            waterL: $waterL,
            xM: $xM,
            yM: $yM,
            zM: $zM,
            pointer: $pointer,
            isGuessed: null === $place,
        );
    }

    /** @return KeptWeight its name and its figures, of several that are taken as one */
    public function values(): array
    {
        return [$this->name, $this->ownKg, $this->waterL, $this->xM, $this->yM, $this->zM];
    }

    /**
     * @param list<KeptWeight> $values each as values() gave it
     *
     * @return list<self>
     */
    public static function ofValues(array $values): array
    {
        return array_map(static fn (array $one): self => new self(...$one), $values);
    }

    public function kg(): float
    {
        return $this->ownKg + $this->waterL;
    }

    public function mass(): Mass
    {
        return new Mass($this->name, $this->kg(), $this->xM, $this->yM);
    }

    /**
     * Several as one, at the centre of what they weigh with their water.
     *
     * @param list<self> $weights
     *
     * @return list<self> none of nothing
     */
    public static function together(string $name, array $weights): array
    {
        $ownKg = $waterL = $along = $across = $up = 0.0;
        foreach ($weights as $one) {
            $ownKg += $one->ownKg;
            $waterL += $one->waterL;
            $along += $one->kg() * $one->xM;
            $across += $one->kg() * $one->yM;
            $up += $one->kg() * $one->zM;
        }
        $kg = $ownKg + $waterL;

        return $kg > 0 ? [new self($name, $ownKg, $waterL, $along / $kg, $across / $kg, $up / $kg)] : [];
    }
}
