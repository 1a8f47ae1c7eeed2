<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Drain\LeftWater;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Shared\ChainTerms;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** The figures of the line: what each outlet gives, the worst of them, pump starts, and what hot water asks for. */
final readonly class LineFigures
{
    public const LEFT_WATER = 'line.left_water';
    /** Of the outlets that run together, what the weakest gets. */
    public const TOGETHER = 'line.together';
    public const TOGETHER_PRESSURE = 'line.together_pressure';

    public static function pressureId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.pressure';
    }

    public static function mainsId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.mains';
    }

    public static function lastsId(PlannedPart $filter): string
    {
        return 'line.'.$filter->id.'.lasts';
    }

    public static function drawnId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.drawn';
    }

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LineWorkings $line,
    ) {
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures, $workings->of(LineWorkings::class));
        foreach ($sheet->line->graph->outlets as $part) {
            $sheet->addFlow($part);
            $sheet->addSupply($part);
            $sheet->addWait($part);
        }
        foreach ($sheet->line->graph->parts(PartKind::Filter) as $part) {
            $sheet->addFilter($part);
        }
        HotFigures::add($workings, $figures);
        $sheet->addLeftWater();
        $sheet->addTogether();
        $sheet->addHighest();
        $sheet->addStarts();
        if ($figures->isWhole) {
            self::addMains($workings, $figures);
        }
    }

    /** What stays when the line is drained, by the pipes and parts it stays in. */
    private function addLeftWater(): void
    {
        $water = $this->workings->of(LeftWater::class);
        if ([] === $this->line->graph->pipes) {
            return;
        }
        $text = new FigureText('line.figure.left-water.label', 'line.source.left-water');
        $sum = function () use ($water): SumOf {
            $terms = [];
            foreach ($water->staying() as $index => $one) {
                $terms[] = SumTerm::found('w'.$index, $this->workings->wording->phrase($one->phrase()), Amount::little($one->litres));
            }

            return SumOf::sum($terms);
        };
        $this->figures->litres(self::LEFT_WATER, $text, $water->litres(), $sum, 2);
    }

    private function addFlow(PlannedPart $part): void
    {
        $solved = $this->line->alone($part);
        $one = $solved->outlets[$part->id];
        $with = ['outlet' => $part->name];
        $text = new FigureText('line.figure.flow.label', 'line.source.network', $with);
        $flow = fn (): SumOf => $this->chain($solved)->flow($one);
        $this->figures->add(OutletFlows::figureId($part->id), $text, $one->lpm, Unit::LitrePerMinute, Kind::Flow, $flow);
        if ($one->figures->leastKpa > 0) {
            $text = new FigureText('line.figure.pressure.label', 'line.source.network', $with);
            $pressure = fn (): SumOf => $this->chain($solved)->pressure($one);
            $this->figures->add(self::pressureId($part), $text, $one->kpa, Unit::Kilopascal, Kind::Pressure, $pressure);
        }
    }

    /** What each outlet gives on mains: as much work as all that it gives otherwise. */
    public static function addMains(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures, $workings->of(LineWorkings::class));
        array_map($sheet->addOnMains(...), $sheet->line->graph->outlets);
    }

    private function addOnMains(PlannedPart $part): void
    {
        $one = $this->line->onMains($part);
        if (null !== $one) {
            $text = new FigureText('line.figure.mains.label', 'line.source.network', ['outlet' => $part->name]);
            $sum = fn (): SumOf => $this->chain($this->line->aloneOnMains($part))->flow($one);
            $this->figures->add(self::mainsId($part), $text, $one->lpm, Unit::LitrePerMinute, Kind::Flow, $sum);
        }
    }

    private function chain(SolvedLine $solved): ChainTerms
    {
        return new ChainTerms($solved, $this->line->graph, $this->workings->wording);
    }

    private function addSupply(PlannedPart $part): void
    {
        $supply = OutletSupply::of($part, $this->workings);
        $text = new FigureText('line.figure.drawn.label', 'line.source.reach', ['outlet' => $part->name]);
        $this->figures->litres(self::drawnId($part), $text, $supply->litres(), static fn (): SumOf => SumOf::figures(
            array_map(static fn (TankWorking $working): string => 'tanks.'.$working->tank->id.'.usable', $supply->tanks),
        ));
    }

    /** How much has to run until hot water comes. */
    private function addWait(PlannedPart $part): void
    {
        $hot = HotOutlet::of($part, $this->line);
        if (null !== $hot) {
            $text = new FigureText('line.figure.wait.label', 'line.source.cylinder', ['outlet' => $part->name]);
            $this->figures->litres('line.'.$part->id.'.wait', $text, $hot->waitL, fn (): SumOf => $this->inPipes($hot->pipes));
        }
    }

    /** @param list<LinePipe> $pipes */
    private function inPipes(array $pipes): SumOf
    {
        $parts = $terms = [];
        foreach ($pipes as $pipe) {
            $n = $pipe->index;
            $parts[] = \sprintf('b%1$d ** 2 * l%1$d', $n);
            $words = fn (string $key): string => $this->workings->wording->text($key, ['pipe' => $pipe->phrase()]);
            $terms[] = SumTerm::field('b'.$n, $words('line.sum.bore'), Amount::mm($pipe->pipe->tube->boreMm), '/line/pipes/'.$n.'/bore_mm');
            $lengthMm = Amount::mm(1000 * $pipe->lengthM);
            $terms[] = null === $pipe->pipe->lengthM
                ? SumTerm::assumed('l'.$n, $words('line.sum.length'), $lengthMm)
                : SumTerm::field('l'.$n, $words('line.sum.length'), $lengthMm, '/line/pipes/'.$n.'/length_m');
        }

        return new SumOf('pi / 4 * sum('.implode(', ', $parts).') / 1000000', $terms);
    }

    /** How long a filter lasts. */
    private function addFilter(PlannedPart $part): void
    {
        $service = FilterService::of($part, $this->workings);
        if (null === $service) {
            return;
        }
        $wording = $this->workings->wording;
        $at = '/line/parts/'.array_search($part, $this->workings->plan->line->parts, true).'/figures/';
        $text = new FigureText('line.figure.filter.label', 'line.source.filter', ['filter' => $part->name]);
        $months = SumTerm::field('months', $wording->text('line.sum.months'), Amount::number($service->figures->lifeMonths), $at.'life_months');
        $this->figures->add(self::lastsId($part), $text, $service->days(), Unit::Day, Kind::Days, static fn (): SumOf => $service->litresADay() > 0
            ? new SumOf('min(life / (used + filled), months * '.FilterService::DAYS_A_MONTH.')', [
                SumTerm::field('life', $wording->text('line.sum.life'), Amount::litres($service->figures->lifeL), $at.'life_l'),
                SumTerm::constant('used', $wording->text('line.sum.used-daily'), Amount::litres($service->usedL)),
                SumTerm::constant('filled', $wording->text('line.sum.filled-daily'), Amount::litres($service->filledL)),
                $months,
            ])
            : new SumOf('months * '.FilterService::DAYS_A_MONTH, [$months]));
    }

    private function addTogether(): void
    {
        $weak = $this->line->weakTogether();
        if (null === $weak) {
            return;
        }
        $chain = fn (): ChainTerms => $this->chain($this->line->solve(new LineCase($this->line->together())));
        $with = ['outlet' => $weak->part->name];
        $text = new FigureText('line.figure.together.label', 'line.source.network', $with);
        $flow = static fn (): SumOf => $chain()->flow($weak);
        $this->figures->add(self::TOGETHER, $text, $weak->lpm, Unit::LitrePerMinute, Kind::Flow, $flow);
        if ($weak->figures->leastKpa > 0) {
            $text = new FigureText('line.figure.together-pressure.label', 'line.source.network', $with);
            $pressure = static fn (): SumOf => $chain()->pressure($weak);
            $this->figures->add(self::TOGETHER_PRESSURE, $text, $weak->kpa, Unit::Kilopascal, Kind::Pressure, $pressure);
        }
    }

    private function addHighest(): void
    {
        $nearest = $this->line->rated()[0] ?? null;
        if (null === $nearest) {
            return;
        }
        $wording = $this->workings->wording;
        $peak = $nearest->peak;
        $text = new FigureText('line.figure.highest.label', 'line.source.shock', ['part' => $nearest->subject()]);
        $this->figures->add('line.highest', $text, $peak->kpa(), Unit::Kilopascal, Kind::Pressure, static fn (): SumOf => new SumOf('steady + shock', [
            SumTerm::constant('steady', $wording->text('line.sum.steady', ['mode' => $peak->when()]), Amount::pressure($peak->standingKpa)),
            SumTerm::constant('shock', $wording->text('line.sum.shock'), Amount::pressure($peak->shockKpa)),
        ], new Phrase('line.figure.highest.note')));
    }

    /** The pump that starts most often while a tap trickles. */
    private function addStarts(): void
    {
        $most = null;
        foreach ($this->line->graph->pumps as $pump) {
            $starts = PumpStarts::of($pump, $this->line);
            if (null !== $starts?->result->cyclesPerHour && (null === $most || $starts->result->cyclesPerHour > $most->result->cyclesPerHour)) {
                $most = $starts;
            }
        }
        if (null !== $most) {
            (new StartsFigures($this->workings, $this->figures, $most))->add();
        }
    }
}
