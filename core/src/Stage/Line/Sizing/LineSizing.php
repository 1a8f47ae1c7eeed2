<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\VesselDraft;
use YardCask\Core\Stage\Line\LineFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Wire\WireCalculator;
use YardCask\Core\Wire\WireInput;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\CatalogueName;
use YardCask\Core\Words\Phrase;

/** Tries every size that can be had of what decides: pump, vessel, filter, pipe; the cheapest that does what is wanted is marked. */
final readonly class LineSizing
{
    /** A velocity beyond which pipes hum, and what a metre may lose. Source: DIN 1988-300, for pipes in use for short times. */
    private const MOST_MPS = 2.0;
    private const MOST_KPA_PER_M = 6.0;

    private function __construct(
        private Workings $workings,
        private LineWorkings $line,
    ) {
    }

    public static function over(Plan $plan, PartStock $stock): SizingOffer
    {
        $workings = Workings::over($plan, $stock);
        $sizing = new self($workings, $workings->of(LineWorkings::class));
        $tables = [];
        foreach ($sizing->line->graph->pumps as $pump) {
            array_push($tables, ...$sizing->pumps($pump), ...$sizing->vessels($pump), ...$sizing->wires($pump));
        }
        foreach ($sizing->line->graph->parts(PartKind::Filter) as $filter) {
            array_push($tables, ...$sizing->filters($filter));
        }

        return new SizingOffer([...$tables, ...$sizing->bores()]);
    }

    /** @return list<string> the outlets that have to have enough at the same time; each alone where nobody has said which */
    private function wanted(): array
    {
        return $this->line->together();
    }

    /** @return list<SizingTable> */
    private function pumps(PlannedPart $pump): array
    {
        $wording = $this->workings->wording;
        if (!$pump->figures instanceof PumpFigures || [] === $this->line->graph->outlets) {
            return [];
        }
        $volts = $pump->figures->volts;
        $kinds = match ($pump->kind) {
            PartKind::FootPump, PartKind::HandPump => [PartKind::FootPump, PartKind::HandPump],
            PartKind::SubmersiblePump, PartKind::TransferPump => [$pump->kind],
            default => [PartKind::PressurePump, PartKind::BypassPump, PartKind::VariablePump],
        };
        $rows = [];
        foreach ($this->workings->stock->parts(...$kinds) as $stock) {
            if (!$stock->figures instanceof PumpFigures || $stock->figures->volts !== $volts) {
                continue;
            }
            $draft = LineDraft::of($this->workings->plan)->swapped($pump, $stock);
            $line = $this->workings->with($draft->plan())->of(LineWorkings::class);
            $worst = $line->worst();
            $wanted = $this->wanted();
            $together = $line->solve(new LineCase([] === $wanted ? $line->all() : $wanted));
            $least = self::least($together->outlets);
            $working = $together->pumps[$pump->id] ?? null;
            $does = null !== $worst && $worst->isEnough() && ([] === $wanted || null === $line->weakTogether()) && 0 === self::wasteful($line);
            $amps = $working?->amps();
            $starts = PumpStarts::of($line->graph->plan->line->part($pump->id) ?? $pump, $line)?->result->cyclesPerHour;
            $rows[] = [$stock->make->price, $does, new SizingRow($wording->catalogueName($stock->name), [
                null === $worst ? '' : $worst->part->name.' '.$wording->flow($worst->lpm),
                null === $least ? '' : $least->part->name.' '.$wording->flow($least->lpm),
                null === $amps ? '' : number_format($amps, 1).' A',
                null === $stock->figures->noiseDb ? '' : round($stock->figures->noiseDb).' dB',
                null === $starts ? '' : (string) min(LineFigures::MOST_STARTS, round($starts)),
                (string) round($stock->make->price),
            ], $does, false, $stock->id === $pump->stock, $stock->id === $pump->stock ? null : $this->replacing($stock, $pump, $draft))];
        }
        $isTogether = [] === $this->wanted() ? 'no' : 'yes';
        $columns = $this->columns(
            [
                'line.sizing.column.worst',
                'line.sizing.column.together',
                'line.sizing.column.current',
                'line.sizing.column.noise',
                'line.sizing.column.starts',
                'line.sizing.column.price',
            ],
            ['together' => $isTogether],
        );

        return [self::table('pump-'.$pump->id, $pump->name, $wording->text('line.sizing.pump', ['together' => $isTogether]), $columns, $rows)];
    }

    /** How many outlets give more than is of use, alone. */
    private static function wasteful(LineWorkings $line): int
    {
        return \count(array_filter($line->graph->outlets, static function (PlannedPart $part) use ($line): bool {
            $one = $line->alone($part)->outlets[$part->id];

            return $one->isWasteful();
        }));
    }

    /** @return list<SizingTable> */
    private function vessels(PlannedPart $pump): array
    {
        $wording = $this->workings->wording;
        $now = PumpStarts::of($pump, $this->line);
        if (null === $now) {
            return [];
        }
        $charge = $now->result->recommendedPrechargeKpa;
        $rows = [];
        foreach ($this->workings->stock->parts(PartKind::Accumulator) as $stock) {
            if (!$stock->figures instanceof VesselFigures) {
                continue;
            }
            // The one that is there as it is charged, every other as it should be.
            $isThere = $stock->id === $now->vessel?->stock;
            $with = $isThere ? $now : PumpStarts::of($pump, $this->line, $stock->figures->volumeL, $charge);
            $perHour = $with?->result->cyclesPerHour;
            if (null === $with || null === $perHour) {
                continue;
            }
            $does = $perHour <= PumpStarts::OFTEN;
            $draft = VesselDraft::with($stock, $now, $this->workings);
            if (null === $draft) {
                return [];
            }
            $fix = $isThere ? null : SentFix::of(
                new Fix(new Phrase('line.fix.accumulator', ['stock' => new CatalogueName($stock->name), 'pump' => $pump->spoken()]), $draft->patch()),
                $wording,
            );
            $cells = [
                (string) round($perHour),
                $wording->litres($with->result->drawdownL),
                $wording->pressure($with->input->prechargeKpa),
                $wording->kg($stock->make->weightKg),
                (string) round($stock->make->price),
            ];
            $rows[] = [$stock->make->price, $does, new SizingRow($wording->catalogueName($stock->name), $cells, $does, false, $isThere, $fix)];
        }

        $wanted = $wording->text('line.sizing.vessel', ['starts' => (string) PumpStarts::OFTEN, 'trickle' => Amount::flow(PumpStarts::TRICKLE_LPM)]);
        $columns = $this->columns(
            [
                'line.sizing.column.starts',
                'line.sizing.column.drawdown',
                'line.sizing.column.precharge',
                'line.sizing.column.weight',
                'line.sizing.column.price',
            ],
        );

        return [self::table('vessel-'.$pump->id, $wording->text('line.sizing.vessel.title', ['pump' => $pump->spoken()]), $wanted, $columns, $rows)];
    }

    /** @return list<SizingTable> */
    private function filters(PlannedPart $filter): array
    {
        $wording = $this->workings->wording;
        $present = $filter->figures;
        if (!$present instanceof FilterFigures) {
            return [];
        }
        $daily = $this->workings->of(UseWorkings::class)->need(Supply::Main)->dailyL;
        $rows = [];
        foreach ($this->workings->stock->parts(PartKind::Filter) as $stock) {
            if (!$stock->figures instanceof FilterFigures || $stock->figures->finenessUm > 2 * $present->finenessUm) {
                continue;
            }
            $draft = LineDraft::of($this->workings->plan)->swapped($filter, $stock);
            $line = $this->workings->with($draft->plan())->of(LineWorkings::class);
            $worst = $line->worst();
            $old = null === $worst ? null : $line->solve(new LineCase([$worst->part->id], worn: true))->outlets[$worst->part->id];
            $does = null !== $old && $old->isEnough();
            $days = $daily > 0 ? $stock->figures->lifeL / $daily : null;
            $isThere = $stock->id === $filter->stock;
            $rows[] = [$stock->make->price, $does, new SizingRow($wording->catalogueName($stock->name), [
                null === $worst ? '' : $worst->part->name.' '.$wording->flow($worst->lpm),
                null === $old ? '' : $wording->flow($old->lpm),
                null === $days ? '' : $wording->days(round(min($days, 30.4 * $stock->figures->lifeMonths))),
                (string) round($stock->make->price),
            ], $does, false, $isThere, $isThere ? null : $this->replacing($stock, $filter, $draft))];
        }

        $columns = $this->columns(['line.sizing.column.worst', 'line.sizing.column.worn', 'line.sizing.column.lasts', 'line.sizing.column.price']);

        return [self::table('filter-'.$filter->id, $filter->name, $wording->text('line.sizing.filter'), $columns, $rows)];
    }

    /** @return list<SizingTable> the pipes that hum or lose much when most of the water runs, and what bore would do */
    private function bores(): array
    {
        $wording = $this->workings->wording;
        $open = [] === $this->wanted() ? $this->line->all() : $this->wanted();
        if ([] === $open) {
            return [];
        }
        $solved = $this->line->solve(new LineCase($open));
        $stocks = $this->workings->stock->pipes();
        usort($stocks, static fn (StockPipe $a, StockPipe $b): int => [$a->tube->boreMm, $a->tube->make->price] <=> [$b->tube->boreMm, $b->tube->make->price]);
        $rows = [];
        foreach ($this->line->graph->pipes as $index => $pipe) {
            $lpm = abs($solved->pipeLpm[$index] ?? 0.0);
            $fits = static fn (StockPipe $stock): bool => $stock->tube->make->foodGrade
                && $stock->tube->make->ratingKpa >= min(600.0, $pipe->pipe->tube->make->ratingKpa)
                && $stock->tube->make->ratingC >= min(60.0, $pipe->pipe->tube->make->ratingC)
                && self::carries($stock->tube->boreMm, $lpm);
            $smallest = array_values(array_filter($stocks, $fits))[0] ?? null;
            if ($lpm < 0.1 || self::carries($pipe->pipe->tube->boreMm, $lpm) || null === $smallest) {
                continue;
            }
            $cells = [
                $wording->flow($lpm),
                $wording->velocity($pipe->velocityMps($lpm)),
                $wording->pressure(self::kpaPerM($pipe->pipe->tube->boreMm, $lpm)),
                $smallest->name,
            ];
            $draft = LineDraft::of($this->workings->plan)->withBore($pipe->pipe, $smallest);
            $label = new Phrase('line.fix.pipe-for', ['stock' => $smallest->name, 'pipe' => $pipe->phrase()]);
            $rows[] = new SizingRow($wording->phrase($pipe->phrase()), $cells, true, false, false, SentFix::of(new Fix($label, $draft->patch()), $wording));
        }

        $wanted = $wording->text('line.sizing.bores', [
            'speed' => Amount::velocity(self::MOST_MPS),
            'loss' => Amount::pressure(self::MOST_KPA_PER_M),
            'together' => [] === $this->wanted() ? 'no' : 'yes',
        ]);
        $columns = $this->columns(['line.sizing.column.flow', 'line.sizing.column.speed', 'line.sizing.column.loss', 'line.sizing.column.smallest']);

        return [] === $rows ? [] : [new SizingTable('bores', $wording->text('line.sizing.bores.title'), $wanted, $columns, $rows)];
    }

    /**
     * @param list<string> $keys
     * @param array<string, string> $with
     *
     * @return list<string>
     */
    private function columns(array $keys, array $with = []): array
    {
        return array_map(fn (string $key): string => $this->workings->wording->text($key, $with), $keys);
    }

    private function replacing(StockPart $stock, PlannedPart $part, LineDraft $draft): SentFix
    {
        return SentFix::of(
            new Fix(new Phrase('line.fix.replace', ['stock' => new CatalogueName($stock->name), 'parts' => [$part->spoken()]]), $draft->patch()),
            $this->workings->wording,
        );
    }

    private static function carries(float $boreMm, float $lpm): bool
    {
        return $lpm / 60000 / (\M_PI / 4 * ($boreMm / 1000) ** 2) <= self::MOST_MPS && self::kpaPerM($boreMm, $lpm) <= self::MOST_KPA_PER_M;
    }

    private static function kpaPerM(float $boreMm, float $lpm): float
    {
        return PipeCalculator::calculate(new PipeInput(1.0, $boreMm, $lpm))->frictionKpa;
    }

    /** @return list<SizingTable> the wire and the fuse of a pump, for its length to the battery */
    private function wires(PlannedPart $pump): array
    {
        $figures = $pump->figures;
        if (!$figures instanceof PumpFigures || null === $figures->amps || null === $figures->volts || null === $figures->wireM) {
            return [];
        }
        $input = new WireInput($figures->wireM, $figures->amps, $figures->volts);
        $wire = WireCalculator::calculate($input);
        $fuse = Fuse::forAmps($figures->amps);
        $rows = [];
        foreach (WireCalculator::SECTIONS_MM2 as $mm2) {
            $drop = WireCalculator::dropV($input, $mm2);
            if ($mm2 < $wire->areaMm2 / 3 || \count($rows) > 4) {
                continue;
            }
            $rows[] = new SizingRow(
                $mm2.' mm²',
                [number_format($drop, 2).' V', number_format(100 * $drop / $figures->volts, 1).' %', null === $fuse ? '' : $fuse.' A'],
                $mm2 >= $wire->areaMm2,
                $mm2 === $wire->standardMm2,
                false,
                null,
            );
        }

        $wording = $this->workings->wording;
        $wanted = $wording->text('line.sizing.wire', ['amps' => number_format($figures->amps, 1), 'length' => Amount::distance($figures->wireM)]);
        $columns = $this->columns(['line.sizing.column.drop', 'line.sizing.column.share', 'line.sizing.column.fuse']);

        return [new SizingTable('wire-'.$pump->id, $wording->text('line.sizing.wire.title', ['pump' => $pump->spoken()]), $wanted, $columns, $rows)];
    }

    /** @param array<string, SolvedOutlet> $outlets */
    private static function least(array $outlets): ?SolvedOutlet
    {
        $least = null;
        foreach ($outlets as $one) {
            if (null === $least || $one->lpm / $one->figures->leastLpm < $least->lpm / $least->figures->leastLpm) {
                $least = $one;
            }
        }

        return $least;
    }

    /**
     * @param list<string> $columns
     * @param list<array{float, bool, SizingRow}> $rows price, whether it does, and the row
     */
    private static function table(string $id, string $title, string $wanted, array $columns, array $rows): SizingTable
    {
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $found = false;
        $sized = [];
        foreach ($rows as [, $does, $row]) {
            $sized[] = new SizingRow($row->name, $row->cells, $does, $does && !$found, $row->present, $row->fix);
            $found = $found || $does;
        }

        return new SizingTable($id, $title, $wanted, $columns, $sized);
    }
}
