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
        $pipes = $ends = $seen = [];
        $at = $outlet;
        while ($at instanceof PlannedPart) {
            $best = null;
            $most = 1e-7;
            foreach ($at->kind->ports() as $port) {
                $pipe = $graph->pipeAt($at, $port);
                $lpm = null === $pipe ? 0.0 : ($pipe->to->owner === $at && $pipe->to->port === $port ? 1 : -1) * ($solved->pipeLpm[$pipe->index] ?? 0.0);
                if (null !== $pipe && $lpm > $most && !isset($seen[$pipe->index])) {
                    [$best, $most] = [$pipe, $lpm];
                }
            }
            if (null === $best) {
                break;
            }
            $seen[$best->index] = true;
            $isForward = ($solved->pipeLpm[$best->index] ?? 0.0) >= 0;
            array_unshift($pipes, $best);
            array_unshift($ends, ...$isForward ? [$best->from, $best->to] : [$best->to, $best->from]);
            $at = $isForward ? $best->from->owner : $best->to->owner;
        }

        return new self($pipes, $ends);
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
