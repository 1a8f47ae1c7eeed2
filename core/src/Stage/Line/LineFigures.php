<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\PumpStarts;

/** The figures of the line: what each outlet gives, the worst of them, pump starts, and what hot water asks for. */
final class LineFigures
{
    private const NETWORK = 'Global gradient method on the whole network (Todini and Pilati); Darcy–Weisbach';
    /** More starts than that, one a second, are not counted. */
    public const MOST_STARTS = 3600.0;

    public static function flowId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.flow';
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        foreach ($line->graph->outlets as $part) {
            $solved = $line->alone($part);
            $one = $solved->outlets[$part->id];
            $pump = array_values($solved->pumps)[0] ?? null;
            $figures->add(self::flowId($part), \sprintf('%s, alone', $part->name), $one->lpm, Unit::LitrePerMinute, Kind::Flow, $part->kind->mixes() ? 'k × √(pressure ÷ 100 kPa), its valve and its spout one after the other' : 'k × √(pressure ÷ 100 kPa)', static fn (): array => [
                SumInput::constant('pressure before it', $say->pressure($one->kpa)),
                SumInput::constant('flows at 100 kPa', $say->flow($one->figures->openLpm)),
                ...null === $pump ? [] : [SumInput::constant('pressure behind '.$pump->part->name, $say->pressure($pump->outKpa))],
            ], self::NETWORK);
        }
        $worst = $line->worst();
        if (null !== $worst) {
            $figures->add('line.worst', 'Flow at the worst outlet', $worst->lpm, Unit::LitrePerMinute, Kind::Flow, 'the outlet that has least of what it wants, each alone', static fn (): array => array_map(static fn (PlannedPart $part): SumInput => SumInput::figure(self::flowId($part)), $line->graph->outlets), self::NETWORK);
        }
        $weak = $line->weakTogether();
        if (null !== $weak) {
            $figures->add('line.together', \sprintf('%s, with those that run together', $weak->part->name), $weak->lpm, Unit::LitrePerMinute, Kind::Flow, 'the outlet that has least of what it wants, all of these open', static fn (): array => [SumInput::figure(self::flowId($weak->part))], self::NETWORK);
        }
        $nearest = $line->rated()[0] ?? null;
        if (null !== $nearest) {
            $peak = $nearest->peak;
            $figures->add('line.highest', \sprintf('Highest pressure nearest to a rating: %s', $nearest->name()), $peak->kpa(), Unit::Kilopascal, Kind::Pressure, 'what stands there + ρ × Δv × min(wave speed, 2 × length ÷ time)', static fn (): array => [
                SumInput::constant('stands there ('.lcfirst($peak->mode->word()).')', $say->pressure($peak->standingKpa)),
                SumInput::constant('shock of an outlet that is shut at once', $say->pressure($peak->shockKpa)),
                SumInput::constant(null === $nearest->joint ? 'rated for' : \sprintf('held by %s at %s', $nearest->joint->word(), $say->temperature($nearest->c)), $say->pressure($nearest->ratingKpa)),
            ], 'Joukowsky; Michaud');
        }
        self::addStarts($line, $workings, $figures);
        foreach ($line->graph->outlets as $part) {
            $hot = HotOutlet::of($part, $line);
            if (null !== $hot) {
                $figures->litres('line.'.$part->id.'.wait', \sprintf('Runs away before %s is warm', $part->name), $hot->waitL, 'π/4 × bore² × length of the pipes from the heater', static fn (): array => [SumInput::constant('heater', $hot->heater->name)], 'Volume of a cylinder');
            }
        }
    }

    private static function addStarts(LineWorkings $line, Workings $workings, FigureSheet $figures): void
    {
        $most = null;
        foreach ($line->graph->pumps as $pump) {
            $starts = PumpStarts::of($pump, $line);
            if (null !== $starts?->result->cyclesPerHour && (null === $most || $starts->result->cyclesPerHour > $most->result->cyclesPerHour)) {
                $most = $starts;
            }
        }
        if (null !== $most) {
            $say = $workings->say;
            $figures->add('line.starts', 'Pump starts an hour, at a trickle', round(min(self::MOST_STARTS, (float) $most->result->cyclesPerHour)), Unit::One, Kind::Count, '3600 ÷ (drawdown ÷ tap + drawdown ÷ (pump − tap))', static fn (): array => [
                SumInput::constant('tap', $say->flow($most->input->tapLpm)),
                SumInput::constant('pump, mean', $say->flow($most->input->pumpLpm)),
                SumInput::constant('drawdown', $say->litres($most->result->drawdownL)),
                SumInput::constant('cut-in', $say->pressure($most->input->cutInKpa)),
                SumInput::constant('cut-out', $say->pressure($most->input->cutOutKpa)),
                SumInput::constant('precharge', $say->pressure($most->input->prechargeKpa)),
            ], 'Boyle–Mariotte');
        }
    }
}
