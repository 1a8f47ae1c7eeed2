<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Stage\Line\Drawing\DrawnLine;
use YardCask\Core\Stage\Line\Drawing\LineDrawing;

/** The line from tank to every tap: what comes out, what it takes on the way, and what its parts have to stand. */
final class LineStage implements Stage
{
    public function name(): string
    {
        return 'line';
    }

    public function title(): string
    {
        return 'Line';
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        LineFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures): Answer
    {
        return LineAnswer::of($workings);
    }

    public function drawing(Workings $workings, bool $looked): LineDrawing
    {
        return DrawnLine::of($workings, $looked);
    }

    public function cautions(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $cautions = ['What touches drinking water has to be made for it; which materials and which fittings to mains are allowed your local water rules say.'];
        if ([] !== $graph->parts(PartKind::StorageHeater, PartKind::Exchanger)) {
            $cautions[] = 'Gas and mains-electric heaters are fitted by someone licensed for it. Hot water scalds within seconds, and stored lukewarm it breeds what makes people ill.';
        }
        if ([] !== $graph->pumps) {
            $cautions[] = 'A fuse at the battery end, a switch for the pump, and no joint above electrics.';
        }

        return $cautions;
    }

    public function additions(Workings $workings): array
    {
        return [];
    }

    public function rules(): array
    {
        return [new Rule\WronglyJoined(), new Rule\CurveRises(), new Rule\NoWater(), new Rule\Backwards(), new Rule\SuctionOrder(), new Rule\HeaterOrder(), new Rule\MixerOpen(), new Rule\OverRated(), new Rule\JointWeak(), new Rule\TooHot(), new Rule\ModeTroubles(), new Rule\SinkUnder(), new Rule\FlowWrong(), new Rule\SuctionHigh(), new Rule\PumpUnstopped(), new Rule\PumpSwitches(), new Rule\NotForDrinking(), new Rule\HotWater(), new Rule\Undrained(), new Rule\Stagnant(), new Rule\StockChanged()];
    }

    public function findingCodes(): string
    {
        return LineFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        $cells = [];
        $worst = $workings->of(LineWorkings::class)->worst();
        if (null !== $worst) {
            $figure = $figures->get('line.worst');
            $cells[] = new GlassCell($figure->id, 'line', 'Worst outlet', $figure->figure, $figure->symbol, $worst->part->name, Severity::worstOf($findings, LineFinding::FlowLow->value, LineFinding::NoWater->value));
        }
        if ($figures->has('line.starts')) {
            $figure = $figures->get('line.starts');
            $cells[] = new GlassCell($figure->id, 'line', 'Pump starts', $figure->figure, $figure->symbol, ($figure->value >= LineFigures::MOST_STARTS ? 'or more ' : '').'an hour at a trickle');
        }

        return $cells;
    }
}
