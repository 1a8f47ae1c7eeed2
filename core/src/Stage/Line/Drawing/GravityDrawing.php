<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Stage\Tanks\Shared\HosePath;
use YardCask\Core\Stage\Tanks\Shared\Openings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** The flow by gravity: as the tank empties, with the tank higher or lower, and through wider pipes. */
final readonly class GravityDrawing
{
    private const RAISES_M = [-0.6, -0.4, -0.2, 0.0, 0.2, 0.4, 0.6, 0.8, 1.0];
    private const BORES_MM = [10.0, 12.5, 15.0, 20.0, 25.0];
    private const MOST_M = 3.0;
    private const STEPS = 10;
    private const NOTHING_LPM = 0.01;
    /** A slope on which people still sleep. */
    private const SLOPE = 0.05;

    private function __construct(
        private Workings $workings,
        private LineWorkings $line,
        private PlannedPart $outlet,
        private OutletFigures $figures,
        private WaterPath $path,
    ) {
    }

    /** @return list<GravityChart> of each outlet to which water runs without a pump */
    public static function all(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $charts = [];
        foreach ($line->graph->outlets as $outlet) {
            $solved = $line->alone($outlet);
            $path = WaterPath::to($outlet, $solved, $line->graph);
            $isPumped = [] !== array_filter($path->parts(), static fn (PlannedPart $part): bool => $part->kind->isPump());
            if (!$isPumped && $outlet->figures instanceof OutletFigures && $path->beginsAt()?->owner instanceof PlannedTank) {
                $charts[] = (new self($workings, $line, $outlet, $outlet->figures, $path))->chart($path->beginsAt()->owner);
            }
        }

        return $charts;
    }

    private function chart(PlannedTank $tank): GravityChart
    {
        $wording = $this->workings->wording;
        $bores = array_map(static fn (LinePipe $pipe): float => $pipe->pipe->tube->boreMm, $this->path->pipes);
        $narrowest = [] === $bores ? self::BORES_MM[0] : min($bores);
        $lines = [[$wording->mm($narrowest), true, $this->line]];
        foreach (self::BORES_MM as $mm) {
            if ($mm > $narrowest + 1 && \count($lines) < 3) {
                $lines[] = [$wording->mm($mm), false, $this->workings->with($this->withBore($mm))->of(LineWorkings::class)];
            }
        }
        $curves = $wants = [];
        foreach ($lines as [$name, $present, $line]) {
            $curves[] = new GravityCurve(
                $wording->text('line.gravity.bore', ['bore' => $name]),
                $present,
                array_map(
                    fn (float $m): ChartPoint => new ChartPoint($m, $this->lpm($line, new LineCase([$this->outlet->id], raiseM: $m))),
                    self::RAISES_M,
                ),
            );
            $wants[] = $wording->text('line.gravity.needs', ['bore' => $name, 'raise' => $this->raiseFor($line)]);
        }
        $most = max([1.0, ...array_merge(...array_map(static fn (GravityCurve $curve): array => array_column($curve->points, 'lpm'), $curves))]);
        $step = $most > 10 ? 5 : ($most > 4 ? 2 : 1);

        return new GravityChart(
            outlet: $this->outlet->id,
            title: $wording->text('line.gravity.title', ['outlet' => $this->outlet->spoken()]),
            words: $this->words($tank, $wording),
            wants: $wording->text('line.gravity.for', ['flow' => Amount::flow($this->figures->mostLpm), 'ways' => implode('; ', $wants)]),
            curves: $curves,
            flows: array_map(
                static fn (int $lpm): ChartTick => new ChartTick((float) $lpm, $wording->flow((float) $lpm)),
                range(0, (int) (ceil($most / $step) * $step), $step),
            ),
            raises: array_map(static fn (float $m): ChartTick => new ChartTick($m, ($m > 0 ? '+' : '').$wording->mm(1000 * $m)), [-0.6, -0.2, 0.0, 0.4, 1.0]),
        );
    }

    private function lpm(LineWorkings $line, LineCase $case): float
    {
        return $line->solve($case)->outlets[$this->outlet->id]->lpm;
    }

    private function withBore(float $mm): Plan
    {
        $own = array_map(static fn (LinePipe $pipe): string => $pipe->pipe->id, $this->path->pipes);
        $line = $this->workings->plan->line;
        $pipes = array_map(
            static fn (PlannedPipe $pipe): PlannedPipe => \in_array($pipe->id, $own, true)
                ? PartFields::changed($pipe, ['tube' => PartFields::changed($pipe->tube, ['boreMm' => max($mm, $pipe->tube->boreMm)])])
                : $pipe,
            $line->pipes,
        );

        return PartFields::changed($this->workings->plan, ['line' => PartFields::changed($line, ['pipes' => $pipes])]);
    }

    /** Until it is empty: each slice of its depth, by what the tank's own shape holds there, at the flow from its middle. */
    private function minutes(PlannedTank $tank): float
    {
        $shape = $tank->inside();
        $minutes = 0.0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            [$high, $low] = [1 - $step / self::STEPS, 1 - ($step + 1) / self::STEPS];
            $levelMm = static fn (float $fill): float => $tank->outletMm() + $fill * ($tank->overflowMm() - $tank->outletMm());
            $litres = $tank->count * (1 - $tank->baffledFraction()) * ($shape->litresBelow($levelMm($high)) - $shape->litresBelow($levelMm($low)));
            $lpm = $this->lpm($this->line, new LineCase([$this->outlet->id], fill: ($high + $low) / 2));
            $minutes = $lpm > self::NOTHING_LPM ? $minutes + $litres / $lpm : \INF;
        }

        return $minutes;
    }

    /** How much higher the tank has to stand for the most that is wanted, in words. */
    private function raiseFor(LineWorkings $line): Phrase
    {
        $gives = fn (float $m): float => $this->lpm($line, new LineCase([$this->outlet->id], raiseM: $m));
        if ($gives(0.0) >= $this->figures->mostLpm) {
            return new Phrase('line.gravity.as-it-is');
        }
        if ($gives(self::MOST_M) < $this->figures->mostLpm) {
            return new Phrase('line.gravity.not-even', ['raise' => Amount::distance(self::MOST_M)]);
        }
        [$low, $high] = [0.0, self::MOST_M];
        for ($step = 0; $step < 12; ++$step) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $gives($middle) < $this->figures->mostLpm ? [$middle, $high] : [$low, $middle];
        }

        return new Phrase('line.gravity.raise', ['raise' => Amount::distance(ceil(100 * $high) / 100)]);
    }

    /** How long it takes, as the tank empties; what a slope and a thin vent do. */
    private function words(PlannedTank $tank, Wording $wording): string
    {
        $minutes = $this->minutes($tank);
        $full = $this->lpm($this->line, new LineCase([$this->outlet->id]));
        $low = $this->lpm($this->line, new LineCase([$this->outlet->id], fill: LineCase::NEARLY_EMPTY));
        $sloped = min(
            $this->lpm($this->line, new LineCase([$this->outlet->id], slope: self::SLOPE)),
            $this->lpm($this->line, new LineCase([$this->outlet->id], slope: -self::SLOPE)),
        );
        $openings = Openings::of($this->workings->of(TanksWorkings::class)->one($tank), $this->workings);
        $boreMm = max([0.0, ...array_map(static fn (TankRun $run): float => HosePath::of($run)->narrowestMm(), $openings->runs)]);

        return $wording->text('line.gravity.words', [
            'flow_full' => Amount::flow($full),
            'flow_low' => Amount::flow($low),
            'ends' => is_finite($minutes) ? 'yes' : 'no',
            'litres' => Amount::litres($tank->count * TankVolumeCalculator::calculate($tank->tankInput())->usableL),
            'minutes' => Amount::minutes(is_finite($minutes) ? round($minutes, 1) : 0.0),
            'slopes' => $sloped < 0.95 * $full ? 'yes' : 'no',
            'flow_sloped' => Amount::flow($sloped),
            'slope' => Amount::share(self::SLOPE),
            'vented' => [] === $openings->runs ? 'no' : 'yes',
            'vent' => Amount::mm($boreMm),
            'loss' => Amount::pressure($openings->airKpa($full)),
        ]);
    }
}
