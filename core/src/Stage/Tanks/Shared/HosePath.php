<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Pipe\AirFlow;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;

/** A port with its hose, full of water. */
final readonly class HosePath
{
    /** Bores of hose that can be had, in mm. */
    public const BORES_MM = [10.0, 13.0, 16.0, 19.0, 25.0, 32.0, 38.0, 50.0];
    /** Into the hose and out of it, in velocity heads. */
    private const IN_AND_OUT = 1.5;
    /** Of a port without a hose. */
    private const WALL_M = 0.03;

    private function __construct(
        private float $lengthM,
        private float $boreMm,
        private ?float $narrowestMm,
    ) {
    }

    public static function of(TankRun $run): self
    {
        return new self(max(self::WALL_M, $run->lengthM()), $run->boreMm(), $run->run?->narrowestMm);
    }

    /** The same with another bore throughout. */
    public function withBore(float $mm): self
    {
        return new self($this->lengthM, $mm, null);
    }

    /** The same with nothing narrower than the hose. */
    public function unreduced(): self
    {
        return new self($this->lengthM, $this->boreMm, null);
    }

    public function isReduced(): bool
    {
        return null !== $this->narrowestMm && $this->narrowestMm < $this->boreMm;
    }

    /** The smallest bore on the way, which air has to pass too. */
    public function narrowestMm(): float
    {
        return min($this->boreMm, $this->narrowestMm ?? $this->boreMm);
    }

    /**
     * What a head drives through it, in L/min.
     *
     * @param float $headM of water, at its beginning over its end
     */
    public function flowLpm(float $headM): float
    {
        return $headM <= 0 ? 0.0 : PipeCalculator::flowLpm($this->pipe(0.0), Water::density(PipeInput::COLD_C) * Water::GRAVITY * $headM / 1000);
    }

    /** What it takes to push air through it, in kPa. */
    public function airKpa(float $lpm): float
    {
        return AirFlow::throughHoleKpa($lpm, $this->narrowestMm()) + AirFlow::throughHoseKpa($lpm, $this->boreMm, $this->lengthM);
    }

    /** Whether a head drives a flow through it. */
    public function lets(float $lpm, float $headM): bool
    {
        return PipeCalculator::calculate($this->pipe($lpm))->totalKpa() <= Water::density(PipeInput::COLD_C) * Water::GRAVITY * $headM / 1000;
    }

    /**
     * A reducer squeezes and lets go: K = 0.5·(1 − d²/D²) + (1 − d²/D²)² velocity heads in the narrow, (D/d)⁴ as many in the hose.
     * Source: sudden contraction (Weisbach) and Borda–Carnot.
     */
    private function pipe(float $lpm): PipeInput
    {
        $wider = $this->boreMm / $this->narrowestMm();
        $missing = 1 - 1 / $wider ** 2;

        return new PipeInput($this->lengthM, $this->boreMm, $lpm, self::IN_AND_OUT + (0.5 * $missing + $missing ** 2) * $wider ** 4);
    }
}
