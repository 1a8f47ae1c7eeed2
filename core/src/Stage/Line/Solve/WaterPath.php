<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;

/** The path of the water to an open outlet: at each part, back along the pipe that brings most of it. */
final readonly class WaterPath
{
    /** Anything less does not count as flow. */
    private const LEAST_LPM = 1e-7;

    /**
     * @param list<LinePipe> $pipes from its beginning
     * @param list<LineEnd> $ends of these pipes, two each, along the water
     */
    private function __construct(
        public array $pipes,
        public array $ends,
    ) {
    }

    public static function to(PlannedPart $outlet, SolvedLine $solved, LineGraph $graph): self
    {
        return self::back(self::mostInto($outlet, [], $solved, $graph), $solved, $graph);
    }

    /** The path of the water that comes through a pipe. */
    public static function through(LinePipe $pipe, SolvedLine $solved, LineGraph $graph): self
    {
        return self::back($pipe, $solved, $graph);
    }

    /** The path of the water into a tank. */
    public static function into(LineEnd $inlet, SolvedLine $solved, LineGraph $graph): self
    {
        return self::back($graph->atPort[$inlet->key] ?? null, $solved, $graph);
    }

    /** @param LinePipe|null $pipe the last one on the way */
    private static function back(?LinePipe $pipe, SolvedLine $solved, LineGraph $graph): self
    {
        $pipes = $ends = $seen = [];
        while (null !== $pipe) {
            $seen[$pipe->index] = true;
            $isForward = $solved->lpm($pipe) >= 0;
            array_unshift($pipes, $pipe);
            array_unshift($ends, ...$isForward ? [$pipe->from, $pipe->to] : [$pipe->to, $pipe->from]);
            $at = $ends[0]->owner;
            $pipe = $at instanceof PlannedPart ? self::mostInto($at, $seen, $solved, $graph) : null;
        }

        return new self($pipes, $ends);
    }

    /**
     * The pipe that brings most to a part.
     *
     * @param array<int, true> $seen pipes that are on the way already, by their places in the plan
     */
    private static function mostInto(PlannedPart $at, array $seen, SolvedLine $solved, LineGraph $graph): ?LinePipe
    {
        $best = null;
        $most = self::LEAST_LPM;
        foreach ($at->kind->ports() as $port) {
            $pipe = $graph->pipeAt($at, $port);
            $lpm = null === $pipe ? 0.0 : ($pipe->to->owner === $at && $pipe->to->port === $port ? 1 : -1) * $solved->lpm($pipe);
            if (null !== $pipe && $lpm > $most && !isset($seen[$pipe->index])) {
                [$best, $most] = [$pipe, $lpm];
            }
        }

        return $best;
    }

    /** @return list<PlannedPart> the parts on the way, the outlet last */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->ends as $end) {
            if ($end->owner instanceof PlannedPart && ($parts[\count($parts) - 1] ?? null) !== $end->owner) {
                $parts[] = $end->owner;
            }
        }

        return $parts;
    }

    public function beginsAt(): ?LineEnd
    {
        return $this->ends[0] ?? null;
    }
}
