<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\LineInput;
use YardCask\Core\Network\LineLink;
use YardCask\Core\Network\LineNetwork;
use YardCask\Core\Network\LineOutlet;
use YardCask\Core\Network\LineWays;
use YardCask\Core\Network\LinkEnds;
use YardCask\Core\Network\LossLink;
use YardCask\Core\Network\PumpLink;
use YardCask\Core\Network\RegulatorLink;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\MixingFigures;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PassFigures;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\RegulatorFigures;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\Position;

/**
 * The line of a plan as a network for the solver: every port a node, every pipe and every part a link. What is the same in every case is
 * made once.
 */
final class CaseNetwork
{
    /** A filter's pressure loss grows faster than the flow and slower than its square. Source: Forchheimer. */
    public const FILTER_EXPONENT = 1.5;
    /** Fully open to one side, a mixer's valve causes 4/9 of its pressure loss and its spout the rest. */
    private const MIXER_VALVE_FACTOR = 1.5;
    /** What the valves of a pump at rest take while mains water is pushed through it at its own free flow. A rule of thumb. */
    private const IDLE_KPA = 20.0;
    /** The open end of a pipe over a tank's water. */
    private const OPEN_END_LPM = 1000.0;
    /** What holds a pressure at a pump lets this through at no loss to speak of. */
    private const FREE_LPM = 1000.0;
    private const FREE_KPA = 0.01;

    /** @var array<string, array{float, float}> heights and places along the rig, both in m, by the node */
    private array $nodes = [];
    /** @var list<LineLink|PlannedPart> links, and parts whose links depend on the case */
    private array $links = [];
    private CaseSources $sources;
    /** @var list<array{string, string, float}> the outlets' ids, their nodes, and what flows at 100 kPa */
    private array $outlets = [];
    /** @var array<string, LineNetwork> by their conditions, whichever outlets run */
    private array $made = [];
    /** @var array<string, LineWays> by the pumps whose pressure is held */
    private array $ways = [];
    /** @var array<string, array<int, true>|null> how they differ from those of the plan before, by the same */
    private array $changed = [];

    /** @param array<string, float> $breathKpa what it takes to draw air into a tank, by its id */
    public function __construct(
        private readonly LineGraph $graph,
        private readonly WarmWater $warm,
        private readonly FoundMode $mode,
        array $breathKpa,
        PipeLinks $pipes,
    ) {
        $this->nodes = $pipes->nodes;
        $this->links = $pipes->links;
        foreach ($graph->plan->line->parts as $part) {
            $this->addPart($part);
        }
        foreach ($graph->draws() as $draw) {
            $this->node($draw);
        }
        $this->sources = new CaseSources($graph, $mode->mode, $breathKpa);
        $this->nodes += $this->sources->nodes;
        array_push($this->links, ...$this->sources->links);
        foreach ($mode->mode->fillsTanks() ? $graph->fills() : [] as $fill) {
            $this->outlets[] = [$fill->key, $this->node($fill), self::OPEN_END_LPM];
        }
    }

    /** @param array<string, float> $held the mean pressure, in kPa, of pumps that cycle because they would exceed their cut-out, by id */
    public function of(LineCase $case, array $held): LineNetwork
    {
        $outlets = array_map(
            static fn (array $outlet): LineOutlet => new LineOutlet(
                $outlet[0],
                $outlet[1],
                $outlet[2],
                \in_array($outlet[0], $case->open, true) ? 1.0 : 0.0,
            ),
            $this->outlets,
        );
        $key = self::key($case, $held);
        if (isset($this->made[$key])) {
            return $this->made[$key]->opened($outlets);
        }

        $pumps = implode(' ', array_keys($held));
        $this->made[$key] = new LineNetwork($this->input($case, $held, $outlets), $this->ways[$pumps] ?? null);
        $this->ways[$pumps] ??= $this->made[$key]->ways;

        return $this->made[$key];
    }

    /**
     * @param LineNetwork $before of the plan that this one was changed from, under the same conditions
     * @param array<string, float> $held as above
     *
     * @return array<int, true>|null as of a network
     */
    public function changedFrom(LineNetwork $before, LineCase $case, array $held): ?array
    {
        $key = self::key($case, $held);
        if (!\array_key_exists($key, $this->changed)) {
            $this->changed[$key] = $this->of($case, $held)->changedFrom($before);
        }

        return $this->changed[$key];
    }

    /** @param array<string, float> $held as above */
    private static function key(LineCase $case, array $held): string
    {
        return $case->conditions.' '.implode(' ', array_keys($held));
    }

    /**
     * @param array<string, float> $held as above
     * @param list<LineOutlet> $outlets
     */
    private function input(LineCase $case, array $held, array $outlets): LineInput
    {
        $nodes = array_map(static fn (array $node): float => $node[0] - $case->slope * $node[1], $this->nodes);
        $links = [];
        foreach ($this->links as $link) {
            if ($link instanceof LineLink) {
                $links[] = $link;
            } elseif ($link->figures instanceof PumpFigures) {
                array_push($links, ...$this->pump($link, $link->figures, $case, $held[$link->id] ?? null));
                if (isset($held[$link->id])) {
                    $nodes[self::inside($link)] = $link->zM - $case->slope * ($link->xM ?? 0.0);
                }
            } elseif ($link->figures instanceof FilterFigures) {
                $links[] = new LossLink(
                    $this->through($link),
                    $link->figures->ratedLpm,
                    $case->worn ? $link->figures->wornKpa : $link->figures->ratedKpa,
                    self::FILTER_EXPONENT,
                    false,
                );
            }
        }

        return new LineInput(PipeInput::COLD_C, $nodes, $this->sources->of($case), $links, $outlets);
    }

    private function node(LineEnd $end): string
    {
        $node = $end->node;
        $this->nodes[$node] ??= PipeLinks::at($end);

        return $node;
    }

    private function addPart(PlannedPart $part): void
    {
        $kind = $part->kind;
        $figures = $part->figures;
        if ($kind->isOutlet() && $figures instanceof OutletFigures) {
            $this->addOutlet($part, $figures);
        } elseif (PartKind::MixingValve === $kind && $figures instanceof MixingFigures) {
            $share = $this->warm->shareOf($part);
            $out = $this->port($part, PartPort::Out);
            $this->addSide($part, PartPort::Hot, $out, $figures->ratedLpm, $figures->ratedKpa, $share);
            $this->addSide($part, PartPort::Cold, $out, $figures->ratedLpm, $figures->ratedKpa, 1 - $share);
        } elseif (PartKind::ThreeWayValve === $kind && $figures instanceof PassFigures) {
            $way = Position::Right === ($this->mode->positions[$part->id] ?? Position::Left) ? PartPort::Right : PartPort::Left;
            $this->links[] = new LossLink($this->ends($part, PartPort::Common, $way), $figures->ratedLpm, $figures->ratedKpa, 2.0, false);
        } elseif ($kind->isInPath() && !$kind->isPoint()) {
            $this->addPass($part);
        }
    }

    private function addPass(PlannedPart $part): void
    {
        $figures = $part->figures;
        $ends = $this->through($part);
        if ($figures instanceof PumpFigures || $figures instanceof FilterFigures) {
            $this->links[] = $part;
        } elseif ($figures instanceof RegulatorFigures) {
            $this->links[] = new RegulatorLink($figures->setKpa, new LossLink($ends, $figures->ratedLpm, $figures->ratedKpa, 2.0, true));
        } elseif (
            ($figures instanceof PassFigures || $figures instanceof HeaterFigures)
            && Position::Shut !== ($this->mode->positions[$part->id] ?? Position::Open)
        ) {
            $this->links[] = new LossLink($ends, $figures->ratedLpm, $figures->ratedKpa, 2.0, $part->kind->isOneWay());
        }
    }

    /** @return list<LineLink> none without a curve */
    private function pump(PlannedPart $part, PumpFigures $figures, LineCase $case, ?float $heldKpa): array
    {
        $pairs = $figures->pairs();
        if (null === $pairs) {
            return [];
        }
        $ends = $this->through($part);
        if (!$case->mode->pumps()) {
            // At rest its valves let water through the one way.
            return [new LossLink($ends, max(array_column($pairs, 0)), self::IDLE_KPA, 2.0, true)];
        }
        $flows = PumpLaw::flows($figures, $case->volts);
        $pressures = PumpLaw::pressures($part, $figures, $case->volts);
        $curve = array_map(static fn (array $pair): array => [$pair[0] * $flows, $pair[1] * $pressures], $pairs);
        if (null === $heldKpa) {
            return [new PumpLink($ends, $curve, true, null)];
        }
        $inside = self::inside($part);

        return [
            new PumpLink(new LinkEnds($ends->id, $ends->from, $inside), $curve, true, null),
            new RegulatorLink($heldKpa, new LossLink(new LinkEnds($ends->id.'/held', $inside, $ends->to), self::FREE_LPM, self::FREE_KPA, 2.0, true)),
        ];
    }

    /** Behind a pump, before what holds its pressure. */
    private static function inside(PlannedPart $pump): string
    {
        return $pump->id.'/held';
    }

    private function addOutlet(PlannedPart $part, OutletFigures $figures): void
    {
        if (!$part->kind->mixes()) {
            $this->outlets[] = [$part->id, $this->port($part, PartPort::In), $figures->openLpm];

            return;
        }
        $this->nodes[$part->id] = [$part->zM, $part->xM ?? 0.0];
        $valve = self::MIXER_VALVE_FACTOR;
        $share = $this->warm->shareOf($part);
        // Without hot water all comes from the cold side, or from both where cold is joined to both.
        $bothCold = 0.0 === $share && null !== $this->graph->pipeAt($part, PartPort::Hot);
        $this->addSide($part, PartPort::Hot, $part->id, $valve * $figures->openLpm, 100.0, $bothCold ? 0.5 : $share);
        $this->addSide($part, PartPort::Cold, $part->id, $valve * $figures->openLpm, 100.0, $bothCold ? 0.5 : 1 - $share);
        $this->outlets[] = [$part->id, $part->id, self::spoutLpm($part, $figures)];
    }

    /** What an outlet gives at 100 kPa; of a mixer its spout alone, after the valve. */
    public static function spoutLpm(PlannedPart $part, OutletFigures $figures): float
    {
        return $part->kind->mixes() ? $figures->openLpm / sqrt(1 - 1 / self::MIXER_VALVE_FACTOR ** 2) : $figures->openLpm;
    }

    /** One side of a mixer, open by its share. */
    private function addSide(PlannedPart $part, PartPort $side, string $to, float $ratedLpm, float $ratedKpa, float $share): void
    {
        $from = $this->port($part, $side);
        if ($share > 0) {
            $this->links[] = new LossLink(new LinkEnds('part:'.$part->id.'/'.$side->value, $from, $to), $ratedLpm * $share, $ratedKpa, 2.0, true);
        }
    }

    /** As the water goes through it the way it stands. */
    private function through(PlannedPart $part): LinkEnds
    {
        return $part->reversed ? $this->ends($part, PartPort::Out, PartPort::In) : $this->ends($part, PartPort::In, PartPort::Out);
    }

    private function ends(PlannedPart $part, PartPort $from, PartPort $to): LinkEnds
    {
        return new LinkEnds('part:'.$part->id, $this->port($part, $from), $this->port($part, $to));
    }

    private function port(PlannedPart $part, PartPort $port): string
    {
        return $this->node(new LineEnd($part, $port));
    }
}
