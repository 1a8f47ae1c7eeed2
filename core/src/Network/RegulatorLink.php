<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A pressure regulator: behind it stands at most what it is set to, and nothing goes back. */
final readonly class RegulatorLink implements LineLink
{
    public function __construct(
        public float $setKpa,
        private LossLink $open,
    ) {
    }

    public static function read(LinkEnds $ends, InputReader $in): self
    {
        $set = $in->number('set_kpa', Range::positive());

        return new self($set, LossLink::readCheck($ends, $in));
    }

    public function ends(): LinkEnds
    {
        return $this->open->ends();
    }

    /** Wide open. */
    public function loss(float $lpm): array
    {
        return $this->open->loss($lpm);
    }

    public function figures(): array
    {
        return [$this->setKpa, ...$this->open->figures()];
    }

    public function isForwardOnly(): bool
    {
        return true;
    }

    public function isShut(): bool
    {
        return false;
    }

    public function standing(float $kpa, float $endKpa): float
    {
        return min($kpa, $this->setKpa + $endKpa);
    }
}
