<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\PartPlaces;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Schematic;
use YardCask\Core\Stage\Line\Solve\RatedPeak;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** Draws the line of a plan. */
final readonly class DrawnLine
{
    private function __construct(
        private Workings $workings,
        private LineWorkings $line,
        private Schematic $schematic,
        /** @var array<string, array{float, float, bool}> */
        private array $places,
    ) {
    }

    public static function of(Workings $workings, bool $looked): LineDrawing
    {
        if (!$looked) {
            return new LineDrawing(
                columns: 0,
                rows: 0,
                elements: [],
                pipes: [],
                lanes: [],
                scenes: [],
                outlets: [],
                filters: [],
                modes: [],
                peaks: [],
                toMeasure: [],
                freePorts: [],
                places: [],
                gravity: [],
                byHand: [],
                system: null,
            );
        }
        $line = $workings->of(LineWorkings::class);
        $schematic = Schematic::of($line->graph);
        $cards = new LineCards($workings);
        $drawn = new self($workings, $line, $schematic, PartPlaces::of($line->graph));

        return new LineDrawing(
            columns: 1 + max([-1, ...array_values($schematic->columns)]),
            rows: 1 + max([-1, ...array_values($schematic->rows)]),
            elements: $drawn->elements(),
            pipes: $drawn->pipes(),
            lanes: $schematic->lanesBelow(),
            scenes: SceneDrawing::all($workings),
            outlets: $cards->outlets(),
            filters: $cards->filters(),
            modes: (new ModeCards($workings, $schematic))->all(),
            peaks: $drawn->peaks(),
            toMeasure: array_map($workings->wording->phrase(...), LineGuesses::of($workings)),
            freePorts: $drawn->freePorts(),
            places: $drawn->placed(),
            gravity: GravityDrawing::all($workings),
            byHand: ByHand::words($workings),
            system: $workings->plan->line->system?->word(),
        );
    }

    /** @return list<LineElement> */
    private function elements(): array
    {
        $schematic = $this->schematic;
        $elements = [];
        $plan = $this->workings->plan;
        foreach ($plan->line->parts as $index => $part) {
            if (isset($schematic->columns[$part->id])) {
                $elements[] = new LineElement(
                    id: $part->id,
                    owner: $part->id,
                    kind: $part->kind->value,
                    kindWord: $part->kind->word(),
                    name: $part->name,
                    column: $schematic->columns[$part->id],
                    row: $schematic->rows[$part->id],
                    pointer: '/line/parts/'.$index,
                    inPath: $part->kind->isInPath(),
                    reversed: $part->reversed,
                    positions: TurnedScenes::positions($part, $this->workings),
                );
            }
        }
        foreach ($plan->tanks as $tank) {
            foreach ([[$tank->id, 'tank', $tank->name], [$tank->id.'.inlet', 'tank_inlet', 'into '.$tank->name]] as [$id, $kind, $name]) {
                if (isset($schematic->columns[$id])) {
                    $elements[] = new LineElement(
                        id: $id,
                        owner: $tank->id,
                        kind: $kind,
                        kindWord: 'tank',
                        name: $name,
                        column: $schematic->columns[$id],
                        row: $schematic->rows[$id],
                        pointer: null,
                        inPath: false,
                        reversed: false,
                    );
                }
            }
        }

        return $elements;
    }

    /** @return list<PipeSketch> */
    private function pipes(): array
    {
        $schematic = $this->schematic;
        $wording = $this->workings->wording;
        $sketches = [];
        foreach ($this->line->graph->pipes as $index => $pipe) {
            [$from, $to] = [Schematic::element($pipe->from), Schematic::element($pipe->to)];
            if ($schematic->columns[$from] > $schematic->columns[$to]) {
                [$from, $to] = [$to, $from];
            }
            [$below, $lane] = $schematic->lane($from, $to) ?? [null, null];
            $text = $wording->text(
                'line.pipe.size',
                [
                    'length' => Amount::distance($pipe->lengthM),
                    'guessed' => $pipe->isGuessed() ? 'yes' : 'no',
                    'bore' => Amount::mm($pipe->pipe->tube->boreMm),
                ],
            );
            $sketches[] = new PipeSketch(
                id: $pipe->pipe->id,
                name: $pipe->pipe->name,
                pointer: '/line/pipes/'.$index,
                from: $from,
                to: $to,
                turnsFirst: $schematic->parentOf($to) === $from,
                laneBelow: $below,
                lane: $lane,
                hot: $this->line->warm->isHot($pipe),
                words: $text,
                guessed: $pipe->isGuessed(),
                points: $this->points($pipe),
            );
        }

        return $sketches;
    }

    /** @return list<RigPoint> */
    private function points(LinePipe $pipe): array
    {
        $end = fn (LineEnd $end): array => isset($this->places[$end->owner->id])
            ? [new RigPoint($this->places[$end->owner->id][0], $this->places[$end->owner->id][1], $end->zM())]
            : [];

        return [
            ...$end($pipe->from),
            ...array_map(static fn (PlannedRunPoint $point): RigPoint => new RigPoint($point->xM, $point->yM, $point->zM), $pipe->pipe->points),
            ...$end($pipe->to),
        ];
    }

    /** @return list<PlacedPart> */
    private function placed(): array
    {
        $placed = [];
        foreach ($this->workings->plan->line->parts as $part) {
            if (isset($this->places[$part->id])) {
                [$xM, $yM, $guessed] = $this->places[$part->id];
                $placed[] = new PlacedPart($part->id, $part->name, $xM, $yM, $part->zM, $guessed);
            }
        }

        return $placed;
    }

    /** @return list<PeakRow> the nearest to their rating first; of a pipe and its joints what is weaker */
    private function peaks(): array
    {
        $wording = $this->workings->wording;
        $rows = [];
        foreach ($this->line->rated() as $rated) {
            $peak = $rated->peak;
            $rows[$rated->id()] ??= new PeakRow(
                $rated->id(),
                self::subject($rated, $wording),
                $wording->pressure($peak->kpa()),
                $wording->pressure($rated->ratingKpa),
                $rated->share(),
                $wording->text('line.peak.when', ['mode' => $peak->phrase(), 'shocked' => $peak->shockKpa >= 1 ? 'yes' : 'no']),
            );
        }

        return array_values($rows);
    }

    private static function subject(RatedPeak $rated, Wording $wording): string
    {
        if ($rated->subject instanceof PlannedPart) {
            return $rated->subject->name;
        }
        $subject = $rated->subject();

        return $subject instanceof Phrase ? $wording->phrase($subject) : $subject;
    }

    /** @return list<FreePort> */
    private function freePorts(): array
    {
        $free = [];
        foreach ($this->workings->plan->line->parts as $part) {
            foreach ($this->line->graph->loosePorts($part) as $port) {
                $free[] = new FreePort($part->port($port), $part->id, $part->name, $port->word());
            }
        }

        return $free;
    }
}
