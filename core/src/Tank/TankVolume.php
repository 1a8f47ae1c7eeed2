<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** The answer of the tank calculator, in litres. */
final readonly class TankVolume implements \JsonSerializable
{
    /** @param list<TankMark> $marks */
    public function __construct(
        public float $grossL,
        public float $belowOutletL,
        public float $aboveOverflowL,
        public float $usableL,
        public array $marks,
    ) {
    }

    /** What stands in the tank when it is brim full: the usable litres and those below the outlet. */
    public function fullL(): float
    {
        return $this->usableL + $this->belowOutletL;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'gross_l' => $this->grossL,
            'below_outlet_l' => $this->belowOutletL,
            'above_overflow_l' => $this->aboveOverflowL,
            'usable_l' => $this->usableL,
            'marks' => $this->marks,
        ];
    }
}
