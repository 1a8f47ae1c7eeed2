<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** The room to keep free at each of the six faces of a box, in mm. */
final readonly class Clearance implements \JsonSerializable
{
    /**
     * @param array{float, float, float} $low at the faces of low x, y, z
     * @param array{float, float, float} $high at the faces of high x, y, z
     */
    public function __construct(
        public array $low,
        public array $high,
    ) {
    }

    public static function even(float $mm): self
    {
        return new self([$mm, $mm, $mm], [$mm, $mm, $mm]);
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return ['x0' => $this->low[0], 'x1' => $this->high[0], 'y0' => $this->low[1], 'y1' => $this->high[1], 'z0' => $this->low[2], 'z1' => $this->high[2]];
    }
}
