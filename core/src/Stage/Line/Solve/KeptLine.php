<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\Line;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\LineMode;

/**
 * What was worked out of a line, as numbers by name, for the next plan with the same one.
 *
 * @phpstan-type KeptOutlets array<string, array{lpm: float, kpa: float|null}>
 * @phpstan-type KeptCase array{array<string, float|null>, array<string, float>, KeptOutlets, bool, int, array<string, float>, array<string, bool>}
 * @phpstan-type KeptPeak array{float, float, string, bool}
 * @phpstan-type KeptHighest array{array<string, KeptPeak>, array<int, KeptPeak>, array<string, float>, array<string, KeptPeak>, array<int, KeptPeak>}
 */
final readonly class KeptLine
{
    /**
     * @param array<string, KeptCase> $cases by the case's key
     * @param KeptHighest|null $highest
     */
    private function __construct(
        private array $cases,
        private ?array $highest,
    ) {
    }

    /** @param array<array-key, mixed>|null $values as toArray() made them; null where nothing was kept */
    public static function of(?array $values): self
    {
        /** @var array{cases: array<string, KeptCase>, highest: KeptHighest|null} $known */
        $known = $values ?? ['cases' => [], 'highest' => null];

        return new self($known['cases'], $known['highest']);
    }

    /** @param array<string, SolvedLine> $solved by the case's key */
    public static function from(array $solved, ?HighestPressure $highest): self
    {
        return new self(
            array_map(static fn (SolvedLine $one): array => [
                $one->line->nodesKpa,
                $one->line->linksLpm,
                $one->line->outlets,
                $one->line->converged,
                $one->line->iterations,
                $one->held,
                $one->cycling,
            ], $solved),
            null === $highest ? null : [
                self::values($highest->parts),
                self::values($highest->pipes),
                $highest->coldKpa,
                self::values($highest->offMains[0]),
                self::values($highest->offMains[1]),
            ],
        );
    }

    /** @return array{cases: array<string, KeptCase>, highest: KeptHighest|null} */
    public function toArray(): array
    {
        return ['cases' => $this->cases, 'highest' => $this->highest];
    }

    public function hasAllOf(self $other): bool
    {
        return [] === array_diff_key($other->cases, $this->cases) && (null !== $this->highest || null === $other->highest);
    }

    public function with(self $more): self
    {
        return new self($more->cases + $this->cases, $more->highest ?? $this->highest);
    }

    public function solved(LineCase $case, LineGraph $graph, WarmWater $warm): ?SolvedLine
    {
        if (!isset($this->cases[$case->key])) {
            return null;
        }
        [$nodesKpa, $linksLpm, $outlets, $converged, $iterations, $held, $cycling] = $this->cases[$case->key];

        return LineSolver::solved($graph, $warm, $case, new Line($nodesKpa, $linksLpm, $outlets, $converged, $iterations), $held, $cycling);
    }

    public function highest(): ?HighestPressure
    {
        if (null === $this->highest) {
            return null;
        }
        [$parts, $pipes, $coldKpa, $ownParts, $ownPipes] = $this->highest;

        return new HighestPressure(self::peaks($parts), self::peaks($pipes), $coldKpa, [self::peaks($ownParts), self::peaks($ownPipes)]);
    }

    /**
     * @template K of array-key
     *
     * @param array<K, PeakPressure> $peaks
     *
     * @return array<K, KeptPeak>
     */
    private static function values(array $peaks): array
    {
        return array_map(static fn (PeakPressure $one): array => [$one->standingKpa, $one->shockKpa, $one->mode->value, $one->isHeated], $peaks);
    }

    /**
     * @template K of array-key
     *
     * @param array<K, KeptPeak> $values
     *
     * @return array<K, PeakPressure>
     */
    private static function peaks(array $values): array
    {
        $peaks = [];
        foreach ($values as $key => [$standingKpa, $shockKpa, $mode, $isHeated]) {
            $peaks[$key] = new PeakPressure($standingKpa, $shockKpa, LineMode::from($mode), $isHeated);
        }

        return $peaks;
    }
}
