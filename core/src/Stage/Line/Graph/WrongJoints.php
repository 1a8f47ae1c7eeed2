<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\LineFinding;

/** Which wrong joints of a line are the cause of another finding, by the keys of their own findings. */
final readonly class WrongJoints
{
    public function __construct(private LineGraph $graph)
    {
    }

    /**
     * @param int $index of a pipe with an end that is not in the plan
     *
     * @return list<string> the first pipe that ended at the same missing part or tank, unless it is this one
     */
    public function missingWith(int $index): array
    {
        $owner = static fn (string $port): string => explode('.', $port)[0];
        foreach ($this->graph->lost as $other => $port) {
            if ($other < $index && $owner($port) === $owner($this->graph->lost[$index])) {
                return [LineFinding::PipeLost->keyOf([$this->graph->plan->line->pipes[$other]->id])];
            }
        }

        return [];
    }

    /**
     * @param list<PartPort> $ports
     *
     * @return list<string> the pipes that should end at one of these ports, and do not count because their other end is wrong
     */
    public function at(PlannedPart $part, array $ports): array
    {
        return $this->wrongAt(array_map($part->port(...), $ports));
    }

    /**
     * @param list<string> $keys of ports
     *
     * @return list<string>
     */
    private function wrongAt(array $keys): array
    {
        $causes = [];
        foreach ($this->graph->plan->line->pipes as $index => $pipe) {
            $code = isset($this->graph->lost[$index]) ? LineFinding::PipeLost : (isset($this->graph->twice[$index]) ? LineFinding::PortTwice : null);
            if (null !== $code && [] !== array_intersect([$pipe->from, $pipe->to], $keys)) {
                $causes[] = $code->keyOf([$pipe->id]);
            }
        }

        return $causes;
    }

    /** @return list<string> the joints that keep water from every tank away from a part: gaps upstream of it, and parts fitted backwards */
    public function upstreamOf(PlannedPart $part): array
    {
        $reached = Reach::from($part, $part->kind->ports(), $this->graph);
        if (self::meetsTank($reached)) {
            return $this->blocking($part, $reached);
        }
        $causes = [];
        foreach ([$part, ...array_column($reached, 'owner')] as $owner) {
            if ($owner instanceof PlannedPart) {
                $causes[] = $this->at($owner, $owner->kind->ports());
                $causes[] = $owner === $part || [] === $this->graph->loosePorts($owner) ? [] : [LineFinding::PortLoose->keyOf([$owner->id])];
            }
        }

        $causes = array_merge([], ...$causes);

        return [] === $causes ? $this->loose() : $causes;
    }

    /** @return list<string> the joints that keep a tank’s water from every outlet of the line: wrong pipes at its own outlets, and gaps downstream of them */
    public function downstreamOf(PlannedTank $tank): array
    {
        $outlets = LineEnd::outletsOf($tank);
        $causes = $this->wrongAt(array_column($outlets, 'key'));
        foreach ($outlets as $outlet) {
            $next = ($this->graph->atPort[$outlet->key] ?? null)?->other($outlet)->owner;
            $reached = $next instanceof PlannedPart ? [$next, ...array_column(Reach::from($next, $next->kind->ports(), $this->graph), 'owner')] : [];
            foreach ($reached as $owner) {
                if ($owner instanceof PlannedPart && [] !== $this->graph->loosePorts($owner)) {
                    $causes[] = LineFinding::PortLoose->keyOf([$owner->id]);
                }
            }
        }

        return array_values(array_unique($causes));
    }

    /** @return list<string> the parts on the far side of a gap: each has a port without a pipe */
    private function loose(): array
    {
        $loose = array_filter($this->graph->plan->line->parts, fn (PlannedPart $part): bool => [] !== $this->graph->loosePorts($part));

        return array_values(array_map(static fn (PlannedPart $part): string => LineFinding::PortLoose->keyOf([$part->id]), $loose));
    }

    /**
     * @param list<LineEnd> $reached
     *
     * @return list<string> the one-way parts that stand the wrong way round in the only way to it
     */
    private function blocking(PlannedPart $part, array $reached): array
    {
        $causes = [];
        foreach (array_column($reached, 'owner') as $owner) {
            if (!$owner instanceof PlannedPart || !$owner->kind->isOneWay() || !SourceSide::isBackwards($owner, $this->graph)) {
                continue;
            }
            $around = Reach::from($part, $part->kind->ports(), $this->graph, static fn (PlannedPart $next): bool => $next->id === $owner->id);
            if (!self::meetsTank($around)) {
                $causes[] = LineFinding::Backwards->keyOf([$owner->id]);
            }
        }

        return $causes;
    }

    /** @param list<LineEnd> $ends */
    private static function meetsTank(array $ends): bool
    {
        return \in_array(PartPort::Outlet, array_column($ends, 'port'), true);
    }
}
