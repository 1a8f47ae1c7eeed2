<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Tanks\Shared\Breathing;
use YardCask\Core\Words\Wording;

/** The tanks that are filled through the line, and how fast. */
final class LineFills implements KeyedWorkings
{
    /** Less than that is not called filling. */
    private const LEAST_LPM = 0.05;

    /** @var array<string, list<LineFill>> by the tank's id */
    private array $found = [];

    private function __construct(
        private readonly LineGraph $graph,
        /** @var \Closure(): LineWorkings asked only where something fills a tank */
        private readonly \Closure $line,
    ) {
    }

    /** The figure of the flow by the first of its ways. */
    public static function figureId(string $tank): string
    {
        return 'tanks.'.$tank.'.line_fill';
    }

    public static function over(Workings $workings): static
    {
        return new self($workings->of(LineGraph::class), static fn (): LineWorkings => $workings->of(LineWorkings::class));
    }

    public static function sections(): array
    {
        return ['line', 'tank_ends', Breathing::class];
    }

    public function key(): string
    {
        $all = [];
        foreach ($this->graph->fills() as $end) {
            $all[$end->owner->id] = $end->owner instanceof PlannedTank ? $this->of($end->owner) : [];
        }

        return serialize($all);
    }

    /** @return list<LineFill> */
    public function of(PlannedTank $tank): array
    {
        if (!isset($this->found[$tank->id])) {
            $this->found[$tank->id] = [];
            foreach ($this->graph->fills() as $end) {
                if ($end->owner->id === $tank->id) {
                    $this->found[$tank->id] = $this->through($end);
                }
            }
        }

        return $this->found[$tank->id];
    }

    /** How the flow of one of its ways comes about. */
    public function sum(PlannedTank $tank, LineFill $fill, Wording $wording): SumOf
    {
        $inlet = new LineEnd($tank, PartPort::Inlet);
        $solved = ($this->line)()->solve(new LineCase([$inlet->key], mode: $fill->mode));

        return (new ChainTerms($solved, $this->graph, $wording))->into($inlet, $fill->lpm);
    }

    /** @return list<LineFill> */
    private function through(LineEnd $end): array
    {
        $fills = [];
        foreach (LineMode::cases() as $mode) {
            if ($mode->fillsTanks() && ($this->line)()->modes()->ways()->has($mode)) {
                $lpm = $this->lpm($end, $mode);
                if ($lpm >= self::LEAST_LPM) {
                    $fills[] = new LineFill($mode, $lpm, $this->isFiltered() ? $this->lpm($end, $mode, worn: true) : $lpm, $this->restKpa($end, $mode));
                }
            }
        }

        return $fills;
    }

    private function isFiltered(): bool
    {
        return [] !== $this->graph->parts(PartKind::Filter);
    }

    private function lpm(LineEnd $end, LineMode $mode, bool $worn = false): float
    {
        return ($this->line)()->solve(new LineCase([$end->key], worn: $worn, mode: $mode))->line->outlets[$end->key]['lpm'] ?? 0.0;
    }

    private function restKpa(LineEnd $end, LineMode $mode): float
    {
        return max(0.0, ($this->line)()->solve(new LineCase([], mode: $mode))->line->nodesKpa[$end->node] ?? 0.0);
    }
}
