<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\Line;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;

/** Flows and pressures of the whole line in one case. */
final readonly class SolvedLine
{
    /**
     * @param array<string, SolvedOutlet> $outlets those that are open, by id
     * @param array<string, SolvedPump> $pumps those that run, by id
     * @param array<string, float> $held what pumps hold in the end, in kPa, by their ids
     * @param array<string, bool> $cycling whether those start and stop
     * @param list<PumpIteration> $rounds as it was solved; none where it was recalled
     */
    public function __construct(
        public LineCase $case,
        public Line $line,
        public array $outlets,
        public array $pumps,
        public array $held,
        public array $cycling,
        public array $rounds,
    ) {
    }

    /** What flows in a pipe, positive from its beginning. */
    public function lpm(LinePipe $pipe): float
    {
        return $this->line->linksLpm[$pipe->link()] ?? 0.0;
    }

    /** Above the air outside; null where no water comes. */
    public function kpa(LineEnd $end): ?float
    {
        return $this->line->nodesKpa[$end->node] ?? null;
    }
}
