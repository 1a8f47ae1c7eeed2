<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;

/**
 * What lets air, and then water, out of a tank while it is filled: its vents and overflows, necks that stand open, and the neck itself
 * that a hose is held into, which runs over at its mouth. Each opens at its own height.
 */
final readonly class Openings
{
    /** What the walls of a plastic tank stand where its maker does not say: a metre of water. */
    public const USUAL_WALL_KPA = 10.0;
    private const MOST_KPA = 1000.0;

    /**
     * @param list<TankRun> $runs vents, overflows and other open necks
     * @param list<float> $risesM how far each rises above the lid
     */
    private function __construct(
        public array $runs,
        private array $risesM,
        /** At which the neck that it is filled through runs over; null where nothing can come back there. */
        private ?float $neckKpa,
        /** What its walls stand. */
        public float $wallKpa,
    ) {
    }

    /** @param TankRun|null $through the fill that water comes by; null for the line, which is screwed on */
    public static function of(TankWorking $working, Workings $workings, ?TankRun $through = null): self
    {
        $runs = $risesM = [];
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            if ($run->tank->index === $working->index && $run->portPointer() !== $through?->portPointer() && self::isOpen($run)) {
                $runs[] = $run;
                $risesM[] = self::riseM($run);
            }
        }
        $isNeck = null !== $through && !\in_array($through->run?->end, [RunEnd::Valve, RunEnd::Bucket], true);

        return new self($runs, $risesM, $isNeck ? max(0.0, self::kpa(self::riseM($through))) : null, $working->tank->wallKpa ?? self::USUAL_WALL_KPA);
    }

    /** Whether anything can leave at all. */
    public function isOpenAnywhere(): bool
    {
        return [] !== $this->runs || null !== $this->neckKpa;
    }

    /**
     * What presses on the lid, in kPa: while air leaves, or when the tank is full and the water goes on through the openings.
     *
     * @param float $lpm what comes while nothing holds it back
     * @param float $restKpa at which nothing comes any more; in between lpm · √(1 − p ÷ rest)
     * @param float|null $boreMm that every vent and overflow should have in place of its own
     */
    public function lidKpa(float $lpm, float $restKpa = \INF, ?float $boreMm = null): float
    {
        $kpa = min($restKpa, max($this->fullKpa($lpm, $restKpa, $boreMm), $this->airKpa($lpm, $boreMm)));

        return null === $this->neckKpa ? $kpa : min($this->neckKpa, $kpa);
    }

    /** Whether the walls stand it. */
    public function wallsStand(float $lpm, float $restKpa = \INF, ?float $boreMm = null): bool
    {
        if ($restKpa <= $this->wallKpa || (null !== $this->neckKpa && $this->neckKpa <= $this->wallKpa)) {
            return true;
        }

        return $this->carries($lpm, $restKpa, $this->wallKpa, $this->paths($boreMm)) && $this->airKpa($lpm, $boreMm) <= $this->wallKpa;
    }

    private static function isOpen(TankRun $run): bool
    {
        return match ($run->port->role) {
            PortRole::Vent, PortRole::Overflow => !\in_array($run->run?->end, [RunEnd::Cap, RunEnd::Valve], true),
            PortRole::Fill => \in_array($run->run?->end, [RunEnd::Open, RunEnd::Funnel], true),
            default => false,
        };
    }

    private static function riseM(TankRun $run): float
    {
        return max($run->heightsM()) - $run->lidM();
    }

    /** The pressure at which the openings carry all that comes. */
    private function fullKpa(float $lpm, float $restKpa, ?float $boreMm): float
    {
        $paths = $this->paths($boreMm);
        [$low, $high] = [0.0, self::MOST_KPA];
        if (!$this->carries($lpm, $restKpa, $high, $paths)) {
            return $high;
        }
        while ($high - $low > 0.001) {
            $middle = ($low + $high) / 2;
            $this->carries($lpm, $restKpa, $middle, $paths) ? $high = $middle : $low = $middle;
        }

        return $high;
    }

    /**
     * Whether the openings together carry what comes at a pressure on the lid.
     *
     * @param list<HosePath> $paths
     */
    private function carries(float $lpm, float $restKpa, float $lidKpa, array $paths): bool
    {
        $carriedLpm = 0.0;
        foreach ($paths as $index => $path) {
            $carriedLpm += $path->flowLpm(self::headM($lidKpa) - $this->risesM[$index]);
        }

        return $carriedLpm >= $lpm * sqrt(max(0.0, 1 - $lidKpa / $restKpa));
    }

    /** @return list<HosePath> */
    private function paths(?float $boreMm): array
    {
        return array_map(static fn (TankRun $run): HosePath => self::path($run, $boreMm), $this->runs);
    }

    /** What pushes air out, or in, by all of them together, in kPa; they share the flow so that each takes the same pressure. */
    public function airKpa(float $lpm, ?float $boreMm = null): float
    {
        $each = array_map(static fn (TankRun $run): float => 1 / sqrt(self::path($run, $boreMm)->airKpa($lpm)), $lpm > 0 ? $this->runs : []);

        return [] === $each ? 0.0 : 1 / array_sum($each) ** 2;
    }

    private static function path(TankRun $run, ?float $boreMm): HosePath
    {
        $path = HosePath::of($run);

        return null === $boreMm || PortRole::Fill === $run->port->role ? $path : $path->withBore($boreMm);
    }

    /** A pressure as metres of water. */
    private static function headM(float $kpa): float
    {
        return $kpa / self::kpa(1.0);
    }

    private static function kpa(float $headM): float
    {
        return Water::density(PipeInput::COLD_C) * Water::GRAVITY * $headM / 1000;
    }
}
