<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\LineLink;
use YardCask\Core\Network\LineSource;
use YardCask\Core\Network\LinkEnds;
use YardCask\Core\Network\LossLink;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Tanks\Shared\Breathing;

/** Where the water of a mode comes from, and what lies between that and the line: a site’s tap with its hose, a thin vent. */
final class CaseSources
{
    /** What a site’s tap and ten metres of garden hose take. A rule of thumb. */
    private const SUPPLY_LPM = 15.0;
    private const SUPPLY_KPA = 60.0;

    /** @var array<string, array{float, float}> heights and places along the rig, both in m, by the node */
    public array $nodes = [];
    /** @var list<LineLink> */
    public array $links = [];
    /** @var list<PlannedPart> the inlets that the mode begins at */
    private array $inlets;
    /** @var array<string, string> where a tank’s water stands, by the node of its outlet, if a thin vent lies between */
    private array $surfaces = [];

    /** @param array<string, float> $breathKpa what it takes to draw air into a tank, by its id */
    public function __construct(
        private readonly LineGraph $graph,
        private readonly LineMode $mode,
        array $breathKpa,
    ) {
        $this->inlets = array_values(
            array_filter(
                match ($mode) {
                    LineMode::MainsUse, LineMode::MainsFill => $graph->parts(PartKind::MainsInlet),
                    LineMode::Fill => $graph->parts(PartKind::FillInlet),
                    default => [],
                },
                static fn (PlannedPart $part): bool => null !== $graph->pipeAt($part, PartPort::Out),
            ),
        );
        foreach (LineMode::Fill === $mode ? [] : $this->inlets as $inlet) {
            $this->nodes[self::supply($inlet)] = [$inlet->zM, $inlet->xM ?? 0.0];
            $ends = new LinkEnds('part:'.$inlet->id, self::supply($inlet), $inlet->port(PartPort::Out));
            $this->links[] = new LossLink($ends, self::SUPPLY_LPM, self::SUPPLY_KPA, 2.0, false);
        }
        foreach ($graph->draws() as $draw) {
            if (isset($breathKpa[$draw->owner->id])) {
                $this->addBreath($draw, $breathKpa[$draw->owner->id]);
            }
        }
    }

    /** @return list<LineSource> the mains at their highest pressure, a bucket level with its inlet, or the tanks */
    public function of(LineCase $case): array
    {
        return match ($this->mode) {
            LineMode::MainsUse, LineMode::MainsFill => array_map(self::mains(...), $this->inlets),
            LineMode::Fill => array_map(static fn (PlannedPart $part): LineSource => new LineSource($part->port(PartPort::Out), null, 0.0), $this->inlets),
            default => $this->tanks($case),
        };
    }

    private static function mains(PlannedPart $inlet): LineSource
    {
        return new LineSource(self::supply($inlet), null, $inlet->figures instanceof InletFigures ? $inlet->figures->mostKpa : 0.0);
    }

    /** @return list<LineSource> */
    private function tanks(LineCase $case): array
    {
        $sources = [];
        foreach ($this->graph->draws() as $draw) {
            if ($draw->owner instanceof PlannedTank) {
                $levelM = $draw->levelM($case->fill) + $case->raiseM - $case->slope * $draw->owner->xM;
                $sources[] = new LineSource($this->surfaces[$draw->node] ?? $draw->node, $levelM, null);
            }
        }

        return $sources;
    }

    /** Air has to get in where water leaves: that takes some of the height of the water. */
    private function addBreath(LineEnd $draw, float $kpa): void
    {
        $surface = $draw->node.'/air';
        $this->surfaces[$draw->node] = $surface;
        $this->nodes[$surface] = [$draw->zM(), $draw->place()[0] ?? 0.0];
        $this->links[] = new LossLink(new LinkEnds('air:'.$draw->owner->id, $surface, $draw->node), Breathing::LPM, $kpa, 2.0, false);
    }

    /** The site’s main, outside the wall. */
    private static function supply(PlannedPart $inlet): string
    {
        return $inlet->id.'/supply';
    }
}
