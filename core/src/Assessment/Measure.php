<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** The figure that a finding is about and the limit that it breaks, in the same SI unit. */
final readonly class Measure implements Sent
{
    /** Of weights, lengths, litres and pressures, the least that is shown. */
    private const READABLE = ['kg' => 0.1, 'mm' => 0.5, 'L' => 0.05, 'kPa' => 0.5];

    public function __construct(
        public float $value,
        public float $limit,
        public string $unit,
    ) {
    }

    /** How much further the limit is broken than by another, as a share of the limit; nothing where nobody could read the difference. */
    public function grownFrom(self $was): float
    {
        $more = $this->excess() - $was->excess();

        return $more > (self::READABLE[$this->unit] ?? 0.0) ? $more / max(1.0, abs($this->limit)) : min(0.0, $more);
    }

    /** By how much the limit is broken. */
    public function excess(): float
    {
        return abs($this->value - $this->limit);
    }
}
