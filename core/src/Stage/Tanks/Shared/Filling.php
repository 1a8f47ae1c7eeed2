<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Pipe\AirFlow;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;

/** Filling a tank by hose: the time it takes, the flow through the hose, and the pressure on the walls. */
final readonly class Filling
{
    /** What a garden hose gives, where nobody has said it. */
    public const USUAL_HOSE_LPM = 15.0;
    /** A can tipped into a funnel, and a small pump that draws from a bucket. */
    public const POURED_LPM = 8.0;
    public const PUMPED_LPM = 8.0;
    /** To carry each can to the funnel. */
    public const MINUTES_A_CAN = 1.0;
    public const USUAL_CAN_L = 20.0;
    /** What the walls of a plastic tank stand where its maker does not say: a metre of water. */
    public const USUAL_WALL_KPA = 10.0;
    private const MOST_KPA = 1000.0;

    /** @param list<TankRun> $outlets vents and overflows, by which air and then water leaves */
    private function __construct(
        public TankRun $run,
        public HosePath $path,
        private array $outlets,
        /** What comes to it. */
        public float $givenLpm,
        /** Of its inlet over what is to be filled; null where a pump pushes. */
        private ?float $headM,
    ) {
    }

    /** Null where it has no fill with a hose, or is carried to the tap. */
    public static function of(TankWorking $working, Workings $workings): ?self
    {
        if (TankMounting::Can === $working->tank->form) {
            return null;
        }
        $own = static fn (PortRole ...$roles): array => array_values(
            array_filter($workings->of(RunWorkings::class)->that(...$roles), static fn (TankRun $run): bool => $run->tank->index === $working->index),
        );
        $run = $own(PortRole::Fill)[0] ?? null;
        if (null === $run?->run || [] === $run->run->points) {
            return null;
        }
        $given = match ($run->run->end) {
            RunEnd::Funnel => self::POURED_LPM,
            RunEnd::Bucket => self::PUMPED_LPM,
            default => $workings->plan->load->hoseLpm ?? self::USUAL_HOSE_LPM,
        };
        $heights = $run->heightsM();
        $headM = RunEnd::Bucket === $run->run->end ? null : max(0.0, $heights[\count($heights) - 1] - max($heights[0], $run->overflowM()));

        return new self($run, HosePath::of($run), $own(PortRole::Vent, PortRole::Overflow), $given, $headM);
    }

    /** Whether it comes by a hose that somebody may turn down or leave on. */
    public function isByHose(): bool
    {
        return !\in_array($this->run->run?->end, [RunEnd::Funnel, RunEnd::Bucket], true);
    }

    public function isVented(): bool
    {
        return [] !== $this->outlets;
    }

    /** What its hose takes by the fall from its inlet; more stands back and splashes. */
    public function takesLpm(): float
    {
        return null === $this->headM ? $this->givenLpm : $this->path->flowLpm($this->headM);
    }

    /** Whether it takes the whole flow, by this hose or another; also true if nothing flows by gravity, which is a finding of its own. */
    public function takesAll(?HosePath $path = null): bool
    {
        return null === $this->headM || 0.0 === $this->headM || ($path ?? $this->path)->lets($this->givenLpm, $this->headM);
    }

    public function flowLpm(): float
    {
        return min($this->givenLpm, $this->takesLpm());
    }

    /** Null where nothing runs in. */
    public function minutes(float $litres, float $canL): ?float
    {
        $lpm = $this->flowLpm();
        if ($lpm <= 0) {
            return null;
        }
        $carried = RunEnd::Funnel === $this->run->run?->end ? ceil($litres / $canL - 1e-9) * self::MINUTES_A_CAN : 0.0;

        return $litres / $lpm + $carried;
    }

    /** What presses on the lid while air leaves by the vents together. */
    public function airKpa(): float
    {
        $bore = sqrt(array_sum(array_map(static fn (TankRun $run): float => HosePath::of($run)->narrowestMm() ** 2, $this->outlets)));

        return $bore > 0 ? AirFlow::throughHoleKpa($this->givenLpm, $bore) : 0.0;
    }

    /**
     * What presses on the lid when the tank is full and the water goes on by the vents: the pressure at which they carry it all.
     * A funnel stands open, so it runs over before.
     *
     * @param ?float $ventBoreMm that every vent should have in place of its own
     */
    public function fullKpa(float $lpm, ?float $ventBoreMm = null): float
    {
        $paths = $this->paths($ventBoreMm);
        [$low, $high] = [0.0, self::MOST_KPA];
        if (self::carriedLpm($paths, $high) < $lpm) {
            return self::MOST_KPA;
        }
        while ($high - $low > 0.001) {
            $middle = ($low + $high) / 2;
            self::carriedLpm($paths, $middle) < $lpm ? $low = $middle : $high = $middle;
        }

        return $high;
    }

    /** Whether the walls stand it when the tank is full and the water goes on by the vents. */
    public function wallsStand(float $lpm, ?float $ventBoreMm = null): bool
    {
        $paths = $this->paths($ventBoreMm);

        return 1 === \count($paths)
            ? $paths[0][0]->lets($lpm, self::headM($this->wallKpa()) - $paths[0][1])
            : self::carriedLpm($paths, $this->wallKpa()) >= $lpm;
    }

    /** @return list<array{HosePath, float}> each with how far it rises above the lid, in m */
    private function paths(?float $ventBoreMm): array
    {
        return array_map(
            static fn (TankRun $run): array => [
                null === $ventBoreMm ? HosePath::of($run) : HosePath::of($run)->withBore($ventBoreMm),
                max($run->heightsM()) - $run->lidM(),
            ],
            $this->outlets,
        );
    }

    /** @param list<array{HosePath, float}> $paths */
    private static function carriedLpm(array $paths, float $lidKpa): float
    {
        return array_sum(array_map(static fn (array $one): float => $one[0]->flowLpm(self::headM($lidKpa) - $one[1]), $paths));
    }

    /** A pressure as metres of water. */
    private static function headM(float $kpa): float
    {
        return $kpa * 1000 / (Water::density(PipeInput::COLD_C) * Water::GRAVITY);
    }

    public function wallKpa(): float
    {
        return $this->run->tank->tank->wallKpa ?? self::USUAL_WALL_KPA;
    }

    /** @return list<TankRun> */
    public function outlets(): array
    {
        return $this->outlets;
    }
}
