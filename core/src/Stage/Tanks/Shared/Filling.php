<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;

/** Filling a tank through its fill: the time it takes and the flow through the hose. */
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

    private function __construct(
        public TankRun $run,
        public HosePath $path,
        public Openings $openings,
        /** What comes to it. */
        public float $givenLpm,
        /** Whether nobody has measured that. */
        public bool $isAssumed,
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
        $isAssumed = null === $workings->plan->load->hoseLpm || \in_array($run->run->end, [RunEnd::Funnel, RunEnd::Bucket], true);
        $heights = $run->heightsM();
        $headM = RunEnd::Bucket === $run->run->end ? null : max(0.0, $heights[\count($heights) - 1] - max($heights[0], $run->overflowM()));

        return new self($run, HosePath::of($run), Openings::of($working, $workings, $run), $given, $isAssumed, $headM);
    }

    /** Whether it comes by a hose that somebody may turn down or leave on. */
    public function isByHose(): bool
    {
        return !\in_array($this->run->run?->end, [RunEnd::Funnel, RunEnd::Bucket], true);
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
}
