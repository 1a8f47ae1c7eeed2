<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\LinkEnds;
use YardCask\Core\Network\PipeLink;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** The pipes of a line as links of its network, and the nodes at their ends: the same in every mode. */
final readonly class PipeLinks
{
    /** @var array<string, array{float, float}> heights and places along the rig, both in m, by the node */
    public array $nodes;
    /** @var list<PipeLink> */
    public array $links;

    public function __construct(LineGraph $graph)
    {
        $nodes = $links = [];
        foreach ($graph->pipes as $pipe) {
            [$from, $to] = [$pipe->from->node, $pipe->to->node];
            $nodes[$from] ??= self::at($pipe->from);
            $nodes[$to] ??= self::at($pipe->to);
            // From one branch of a tee to another nothing flows.
            if ($from !== $to) {
                $links[] = new PipeLink(
                    new LinkEnds($pipe->link(), $from, $to),
                    new PipeInput($pipe->lengthM, $pipe->pipe->tube->boreMm, 0.0, $pipe->kSum(), 0.0),
                );
            }
        }
        [$this->nodes, $this->links] = [$nodes, $links];
    }

    /** @return array{float, float} its height and its place along the rig, both in m */
    public static function at(LineEnd $end): array
    {
        return [$end->zM(), $end->place()[0] ?? 0.0];
    }
}
