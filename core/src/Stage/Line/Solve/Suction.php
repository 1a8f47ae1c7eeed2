<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineWorkings;

/** What a pump has to pull: over the whole way from where it draws. */
final readonly class Suction
{
    private function __construct(
        public SolvedPump $pump,
        /** Below the air outside; negative where water runs to it. */
        public float $pullKpa,
        /** Of the water, nearly gone, in m of the rig. */
        public float $levelM,
        /** From there up to the highest point before it. */
        public float $dryM,
        public float $lengthM,
    ) {
    }

    /**
     * At its hardest: every outlet open, the tank nearly empty.
     *
     * @return self|null null where it does not run, or hangs in the water
     */
    public static function of(PlannedPart $pump, LineWorkings $line): ?self
    {
        $solved = $line->solve(new LineCase($line->all(), fill: LineCase::NEARLY_EMPTY));
        $working = $solved->pumps[$pump->id] ?? null;
        if (null === $working || PartKind::SubmersiblePump === $pump->kind) {
            return null;
        }
        $path = WaterPath::to($pump, $solved, $line->graph);
        $begins = $path->beginsAt();
        if (null === $begins || !$begins->owner instanceof PlannedTank) {
            return null;
        }
        $levelM = $begins->levelM(LineCase::NEARLY_EMPTY);
        // A tube through the lid goes over it.
        $lidM = Face::Top === $begins->outlet?->face ? $begins->owner->zM + $begins->owner->heightMm / 1000 : $levelM;
        $highestM = max($pump->zM, $lidM, ...array_map(static fn (LinePipe $pipe): float => $pipe->highestM(), $path->pipes));

        return new self(
            $working,
            -$working->inKpa,
            $levelM,
            $highestM - $levelM,
            array_sum(array_map(static fn (LinePipe $pipe): float => $pipe->lengthM, $path->pipes)),
        );
    }

    /** In kPa, what it can pull primed. */
    public function canPullKpa(): float
    {
        return Water::GRAVITY * $this->pump->figures->primedLiftM;
    }
}
