<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The least and the most of a figure on the way, and the litres used when each is first so. */
final readonly class Extremes implements \JsonSerializable
{
    private function __construct(
        public float $least,
        public float $leastAtUsedL,
        public float $most,
        public float $mostAtUsedL,
    ) {
    }

    /** @param non-empty-list<array{float, float}> $points litres used, and the figure there */
    public static function of(array $points): self
    {
        [$leastAtL, $least] = [$mostAtL, $most] = $points[0];
        foreach ($points as [$usedL, $value]) {
            if ($value < $least - 1e-9) {
                [$least, $leastAtL] = [$value, $usedL];
            }
            if ($value > $most + 1e-9) {
                [$most, $mostAtL] = [$value, $usedL];
            }
        }

        return new self($least, $leastAtL, $most, $mostAtL);
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return ['least' => $this->least, 'most' => $this->most];
    }
}
