<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\KeptWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeSearch;
use YardCask\Core\Stage\Line\Mode\Position;
use YardCask\Core\Stage\Line\Solve\CaseNetwork;
use YardCask\Core\Stage\Line\Solve\HighestPressure;
use YardCask\Core\Stage\Line\Solve\HotSection;
use YardCask\Core\Stage\Line\Solve\KeptLine;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\LineSolver;
use YardCask\Core\Stage\Line\Solve\PeakRatings;
use YardCask\Core\Stage\Line\Solve\PipeLinks;
use YardCask\Core\Stage\Line\Solve\RatedPeak;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\SolvedPump;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Stage\Tanks\Shared\Breathing;

/** The line of a plan, worked out case by case. */
final class LineWorkings implements KeptWorkings
{
    /** @var array<string, SolvedLine> by the case's key */
    private array $solved = [];
    /** @var array<string, SolvedLine> of those the ones that were not recalled, and what they were begun from */
    private array $worked = [];
    /** @var array<string, SolvedLine> of each outlet alone, by its id */
    private array $alone = [];
    /** @var array<string, CaseNetwork> by the mode's value */
    private array $networks = [];
    private ?PipeLinks $pipes = null;
    private ?HighestPressure $highest = null;
    /** @var list<RatedPeak>|null */
    private ?array $rated = null;
    /** @var list<RatedPeak>|null */
    private ?array $offMains = null;
    /** @var list<HotSection>|null */
    private ?array $sections = null;

    private function __construct(
        public readonly LineGraph $graph,
        private readonly ModeSearch $modes,
        public readonly WarmWater $warm,
        private readonly Breathing $breathing,
        /** Those of the plan that this one was changed from. */
        private readonly ?self $before,
        /** What is known of the same line from another plan. */
        private readonly KeptLine $kept,
        /** @var array<string, Position> what somebody turns to see what comes of it, by the valve’s id */
        private readonly array $turned = [],
    ) {
    }

    public static function over(Workings $workings): static
    {
        $graph = $workings->of(LineGraph::class);
        $kept = KeptLine::of($workings->recalled(self::class, self::sections()));

        return new self(
            graph: $graph,
            modes: $workings->of(ModeSearch::class),
            warm: WarmWater::of($graph),
            breathing: $workings->of(Breathing::class),
            before: $workings->before(self::class),
            kept: $kept,
        );
    }

    public static function sections(): array
    {
        return ['line', 'tank_ends', Breathing::class];
    }

    public function toKeep(): ?array
    {
        $known = KeptLine::from($this->solved, $this->highest);

        return $this->kept->hasAllOf($known) ? null : $this->kept->with($known)->toArray();
    }

    /**
     * The same line with some valves turned otherwise than its modes have them.
     *
     * @param array<string, Position> $turned by the valve’s id
     */
    public function turned(array $turned): self
    {
        return new self(
            graph: $this->graph,
            modes: $this->modes,
            warm: $this->warm,
            breathing: $this->breathing,
            before: null,
            kept: KeptLine::of(null),
            turned: $turned,
        );
    }

    public function modes(): ModeSearch
    {
        return $this->modes;
    }

    public function highest(): HighestPressure
    {
        return $this->highest ??= $this->kept->highest() ?? HighestPressure::over($this->graph, $this->modes(), $this->strongest(...), $this->hotSections());
    }

    /** @return list<SolvedLine> each outlet alone at its strongest: while the battery charges, or on mains; none in modes that open none */
    private function strongest(LineMode $mode): array
    {
        return match ($mode) {
            LineMode::Use => array_map($this->aloneAtMost(...), $this->graph->outlets),
            LineMode::MainsUse => array_map($this->aloneOnMains(...), $this->graph->outlets),
            default => [],
        };
    }

    /** An outlet alone while the battery charges: as it rests, where every pump that runs holds its pressure or is moved by hand. */
    private function aloneAtMost(PlannedPart $outlet): SolvedLine
    {
        $resting = $this->alone($outlet);
        $driven = array_filter($resting->pumps, static fn (SolvedPump $one): bool => null !== $one->figures->volts && !isset($resting->held[$one->part->id]));

        return [] === $driven ? $resting : $this->solve(LineCase::strongest([$outlet->id]));
    }

    /** @return list<RatedPeak> the highest pressures against the ratings, the nearest to its rating first */
    public function rated(): array
    {
        return $this->rated ??= PeakRatings::of($this->highest(), $this->graph, $this->warm);
    }

    /** @return list<RatedPeak> the same without mains */
    public function ratedOffMains(): array
    {
        return $this->offMains ??= [] === $this->graph->parts(PartKind::MainsInlet) ? $this->rated() : PeakRatings::offMains($this->highest(), $this->rated());
    }

    /** Of what is shut in with a heater, what is rated lowest at the temperature of its water; null where no pressure is known. */
    public function weakest(HotSection $section): ?RatedPeak
    {
        $weakest = null;
        foreach ($this->rated() as $one) {
            if ($section->holds($one->subject) && (null === $weakest || $one->ratingKpa < $weakest->ratingKpa)) {
                $weakest = $one;
            }
        }

        return $weakest;
    }

    public function solve(LineCase $case): SolvedLine
    {
        return $this->solved[$case->key] ??= $this->kept->solved($case, $this->graph, $this->warm) ?? $this->worked($case);
    }

    /** Solved, also where it is known: what others begin from has to be whole. */
    private function worked(LineCase $case): SolvedLine
    {
        return $this->worked[$case->key] ??= LineSolver::solve(
            $this->graph,
            $this->warm,
            $this->networks[$case->mode->value] ??= new CaseNetwork(
                $this->graph,
                $this->warm,
                $this->modes()->of($case->mode)->turned($this->turned),
                $this->breathing->kpa,
                $this->pipes ??= new PipeLinks($this->graph),
            ),
            $case,
            fn (): ?SolvedLine => $this->near($case),
            $this->before->worked[$case->key] ?? null,
        );
    }

    /** The solution that a case is started from: always the same one, so that results do not depend on the order of asking. */
    private function near(LineCase $case): ?SolvedLine
    {
        $resting = new LineCase($case->open, mode: $case->mode);
        if (!\in_array($case->mode, [LineMode::Use, LineMode::MainsUse], true)) {
            return null;
        }
        if ($case->key !== $resting->key) {
            return $this->worked($resting);
        }
        $first = new LineCase(\array_slice($this->all(), 0, 1), mode: $case->mode);

        return $case->key === $first->key ? null : $this->worked($first);
    }

    /** @return list<HotSection> of each heater */
    public function hotSections(): array
    {
        $heaters = $this->graph->parts(PartKind::StorageHeater, PartKind::Exchanger);

        return $this->sections ??= array_values(array_filter(array_map(fn (PlannedPart $one): ?HotSection => HotSection::of($one, $this->graph), $heaters)));
    }

    /** An outlet alone, with a rested battery, new filters and a full tank. */
    public function alone(PlannedPart $outlet): SolvedLine
    {
        return $this->alone[$outlet->id] ??= $this->solve(new LineCase([$outlet->id]));
    }

    /** The highest pressure of the mains; 0 without an inlet for it. */
    public function mainsKpa(): float
    {
        $inlets = array_map(static fn (PlannedPart $part): PartFigures => $part->figures, $this->graph->parts(PartKind::MainsInlet));

        return max([0.0, ...array_map(static fn (PartFigures $one): float => $one instanceof InletFigures ? $one->mostKpa : 0.0, $inlets)]);
    }

    /** An outlet alone on mains; null where mains water does not come to it. */
    public function onMains(PlannedPart $outlet): ?SolvedOutlet
    {
        if (!$this->modes()->ways()->has(LineMode::MainsUse)) {
            return null;
        }
        $one = $this->aloneOnMains($outlet)->outlets[$outlet->id];

        return $one->isDry() ? null : $one;
    }

    /** The same, as the whole line stands then. */
    public function aloneOnMains(PlannedPart $outlet): SolvedLine
    {
        return $this->solve(new LineCase([$outlet->id], mode: LineMode::MainsUse));
    }

    /** @return list<string> the outlets that must run together; all of them unless the plan names at least two */
    public function together(): array
    {
        $said = array_values(array_filter($this->graph->outlets, static fn (PlannedPart $part): bool => true === $part->together));

        return array_column(\count($said) > 1 ? $said : [], 'id');
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_column($this->graph->outlets, 'id');
    }

    /** Of the outlets that must run together, the one with the smallest share of the flow or the pressure it needs, if it has enough only by itself. */
    public function weakTogether(): ?SolvedOutlet
    {
        $weak = null;
        $ids = $this->together();
        foreach ([] === $ids ? [] : $this->solve(new LineCase($ids))->outlets as $one) {
            $isAlone = $this->alone($one->part)->outlets[$one->part->id]->isEnough();
            if ($isAlone && !$one->isEnough() && (null === $weak || $one->share() < $weak->share())) {
                $weak = $one;
            }
        }

        return $weak;
    }

    /** The outlet that is nearest to its own need, of flow or of pressure, or furthest below it, each on its own; null without outlets. */
    public function worst(): ?SolvedOutlet
    {
        $worst = null;
        foreach ($this->graph->outlets as $part) {
            $one = $this->alone($part)->outlets[$part->id];
            if (null === $worst || $one->share() < $worst->share()) {
                $worst = $one;
            }
        }

        return $worst;
    }
}
