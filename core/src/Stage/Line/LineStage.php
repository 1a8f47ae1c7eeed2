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
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Drawing\DrawnLine;
use YardCask\Core\Stage\Line\Drawing\LineDrawing;
use YardCask\Core\Stage\Line\Drawing\LineGuesses;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** The line from tank to every tap: what comes out, what it takes on the way, and what its parts have to stand. */
final class LineStage implements Stage
{
    public function name(): string
    {
        return 'line';
    }

    public function title(): string
    {
        return 'line.title';
    }

    public function sections(): array
    {
        return ['units', 'use', 'rig', 'things', 'bays', 'tanks', 'runs', 'line'];
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        LineFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        return LineAnswer::of($workings, $findings);
    }

    public function drawing(Workings $workings, bool $looked): LineDrawing
    {
        return DrawnLine::of($workings, $looked);
    }

    public function isBegun(Workings $workings): bool
    {
        $fresh = $workings->plan->tanksThatHold(WaterKind::Fresh);

        // What is poured by hand needs no line.
        return [] !== $workings->of(LineWorkings::class)->graph->outlets
            || ([] !== $fresh && [] === array_filter($fresh, static fn (PlannedTank $tank): bool => !TapReach::isPoured($tank)));
    }

    public function cautions(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $cautions = [new Phrase('line.caution.materials')];
        if ([] !== $graph->parts(PartKind::StorageHeater, PartKind::Exchanger)) {
            $cautions[] = new Phrase('line.caution.heaters');
        }
        if ([] !== $graph->pumps) {
            $cautions[] = new Phrase('line.caution.electrics');
        }

        return $cautions;
    }

    public function additions(Workings $workings): array
    {
        $connections = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if (!$working->isDrawn && TankMounting::Fixed === $working->tank->form) {
                $fixes = TankJoin::fixes($working->tank, array_column($workings->plan->tanks, 'id'), $workings);
                array_push($connections, ...\array_slice($fixes, 0, 1));
            }
        }

        return $connections;
    }

    public function toMeasure(Workings $workings): array
    {
        return LineGuesses::of($workings);
    }

    public function rules(): array
    {
        return [
            new Rule\WronglyJoined(), new Rule\CurveRises(), new Rule\NoWater(), new Rule\RunsDry(), new Rule\Backwards(),
            new Rule\SuctionOrder(), new Rule\ShutOffMissing(), new Rule\HeaterOrder(), new Rule\HeaterRelief(), new Rule\MixerOpen(), new Rule\OverRated(),
            new Rule\JointWeak(), new Rule\TooHot(), new Rule\ModeTroubles(),
            new Rule\MainsUnchecked(), new Rule\MainsPastPump(), new Rule\FillUnbroken(), new Rule\MainsUnwatched(),
            new Rule\SinkUnder(), new Rule\FlowWrong(), new Rule\SuctionHigh(), new Rule\PumpUnstopped(), new Rule\CutOutHigh(),
            new Rule\PumpSwitches(), new Rule\Precharge(),
            new Rule\FilterServices(), new Rule\NotForDrinking(), new Rule\HotWater(), new Rule\TooLittleHeat(),
            new Rule\StoreCool(), new Rule\SingleWall(), new Rule\RawWater(), new Rule\Undrained(),
            new Rule\Stagnant(), new Rule\LineInTheWay(), new Rule\StockChanged(),
        ];
    }

    public function recordRules(): array
    {
        return [];
    }

    public function findingCodes(): string
    {
        return LineFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        $cells = [];
        $wording = $workings->wording;
        $worst = $workings->of(LineWorkings::class)->worst();
        if (null !== $worst) {
            $figure = $figures->get(OutletFlows::figureId($worst->part->id));
            $joints = $worst->isDry() ? [LineFinding::PortLoose, LineFinding::PipeLost, LineFinding::PortTwice] : [];
            $codes = [LineFinding::FlowLow, LineFinding::NoWater, ...$joints];
            $severity = Severity::worstOf($findings, ...array_column($codes, 'value'));
            $cells[] = new GlassCell(
                figureId: $figure->id,
                stage: 'line',
                label: $wording->text('line.glass.worst'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $wording->text('line.glass.worst.beside', [
                    'outlet' => $worst->part->name,
                    'short' => $worst->isShortOfPressure() ? 'pressure' : 'flow',
                    'pressure' => Amount::pressure($worst->kpa),
                    'pressure_needed' => Amount::pressure($worst->figures->leastKpa),
                ]),
                severity: $severity,
                permanent: true,
            );
        }
        if ($figures->has('line.starts')) {
            $figure = $figures->get('line.starts');
            $beside = $wording->text('line.glass.starts.beside', ['countless' => $figure->value >= PumpStarts::MOST_STARTS ? 'yes' : 'no']);
            $cells[] = new GlassCell($figure->id, 'line', $wording->text('line.glass.starts'), $figure->figure, $figure->symbol, $beside);
        }

        return $cells;
    }
}
