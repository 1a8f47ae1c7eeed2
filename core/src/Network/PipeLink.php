<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;

/** A pipe with its fittings; its ends have the heights of their nodes. */
final readonly class PipeLink implements LineLink
{
    private float $perVelocity;
    private float $perReynolds;
    private float $lengthInBores;
    private float $halfDensity;
    private float $roughness;

    public function __construct(
        private LinkEnds $ends,
        private PipeInput $pipe,
    ) {
        $boreM = $pipe->boreMm / 1000;
        $density = Water::density($pipe->waterC);
        $this->perVelocity = 1 / 60000 / (\M_PI / 4 * $boreM ** 2);
        $this->perReynolds = $density * $this->perVelocity * $boreM / Water::viscosity($pipe->waterC);
        $this->lengthInBores = $pipe->lengthM / $boreM;
        $this->halfDensity = $density / 2000;
        $this->roughness = $pipe->roughnessMm / $pipe->boreMm;
    }

    public static function read(LinkEnds $ends, InputReader $in, float $waterC): self
    {
        return new self($ends, PipeInput::readStill($in, $waterC));
    }

    /**
     * Pipes that stand in series: those of one bore and roughness are one, as long as all of them and with all their fittings.
     *
     * @param list<self> $pipes
     *
     * @return list<array{self, float, float}> one of each bore, and how long, in bores, and with what fittings all of it are
     */
    public static function inSeries(array $pipes): array
    {
        $all = [];
        foreach ($pipes as $link) {
            [$bores, $kSum] = [$link->lengthInBores, $link->pipe->kSum];
            foreach ($all as $number => [$other, $otherBores, $otherKSum]) {
                if ($link->perReynolds === $other->perReynolds && $link->roughness === $other->roughness) {
                    [$link, $bores, $kSum] = [$other, $bores + $otherBores, $kSum + $otherKSum];
                    unset($all[$number]);
                }
            }
            $all[] = [$link, $bores, $kSum];
        }

        return array_values($all);
    }

    public function ends(): LinkEnds
    {
        return $this->ends;
    }

    public function loss(float $lpm): array
    {
        return $this->lossOver($lpm, $this->lengthInBores, $this->pipe->kSum);
    }

    /**
     * What a pipe like it takes, of another length and with other fittings.
     *
     * @return array{float, float} as of a link
     */
    public function lossOver(float $lpm, float $lengthInBores, float $kSum): array
    {
        $reynolds = abs($lpm) * $this->perReynolds;
        if ($reynolds < 1e-9) {
            // Hagen–Poiseuille: 64/Re times a velocity squared is straight in the flow.
            return [0.0, 64 / $this->perReynolds * $lengthInBores * $this->halfDensity * $this->perVelocity ** 2];
        }
        [$factor, $change] = PipeCalculator::frictionFactorAndSlope($reynolds, $this->roughness);
        $velocity2 = $this->halfDensity * ($this->perVelocity * $lpm) ** 2;
        $heads = $factor * $lengthInBores + $kSum;
        $kpa = $heads * $velocity2;

        return [$lpm < 0 ? -$kpa : $kpa, (2 * $heads + $change * $reynolds * $lengthInBores) * $velocity2 / abs($lpm)];
    }

    public function figures(): array
    {
        return [$this->perReynolds, $this->lengthInBores, $this->roughness, $this->pipe->kSum];
    }

    public function isForwardOnly(): bool
    {
        return false;
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
