<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A part of which one point is rated, filter or valve; a non-return valve lets nothing back. */
final readonly class LossLink implements LineLink
{
    private const QUADRATIC = 2.0;

    public function __construct(
        private LinkEnds $ends,
        private float $ratedLpm,
        private float $ratedKpa,
        private float $exponent,
        private bool $forwardOnly,
    ) {
    }

    public static function readLoss(LinkEnds $ends, InputReader $in): self
    {
        $link = new self(
            $ends,
            $in->number('rated_lpm', Range::positive()),
            $in->number('rated_kpa', Range::positive()),
            $in->number('exponent', Range::between(1, 3), self::QUADRATIC),
            false,
        );
        $in->finish();

        return $link;
    }

    public static function readCheck(LinkEnds $ends, InputReader $in): self
    {
        $link = new self($ends, $in->number('rated_lpm', Range::positive()), $in->number('rated_kpa', Range::positive()), self::QUADRATIC, true);
        $in->finish();

        return $link;
    }

    public function ends(): LinkEnds
    {
        return $this->ends;
    }

    public function loss(float $lpm): array
    {
        $part = abs($lpm) / $this->ratedLpm;
        $slope = 2.0 === $this->exponent ? $part : $part ** ($this->exponent - 1);
        $kpa = $this->ratedKpa * $slope * $part;

        return [$lpm < 0 ? -$kpa : $kpa, $this->exponent * $this->ratedKpa * $slope / $this->ratedLpm];
    }

    public function figures(): array
    {
        return [$this->ratedLpm, $this->ratedKpa, $this->exponent, $this->forwardOnly];
    }

    public function isForwardOnly(): bool
    {
        return $this->forwardOnly;
    }

    public function isShut(): bool
    {
        return false;
    }

    public function standing(float $kpa, float $endKpa): float
    {
        return $kpa;
    }
}
