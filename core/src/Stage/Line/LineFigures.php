<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** The figures of the line: what each outlet gives, the worst of them, pump starts, and what hot water asks for. */
final class LineFigures
{
    /** More starts than that, one a second, are not counted. */
    public const MOST_STARTS = 3600.0;

    public static function pressureId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.pressure';
    }

    public static function mainsId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.mains';
    }

    public static function drawnId(PlannedPart $outlet): string
    {
        return 'line.'.$outlet->id.'.drawn';
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $line = $workings->of(LineWorkings::class);
        $wording = $workings->wording;
        foreach ($line->graph->outlets as $part) {
            $solved = $line->alone($part);
            $one = $solved->outlets[$part->id];
            $pump = array_values($solved->pumps)[0] ?? null;
            $text = new FigureText(
                'line.figure.flow.label',
                'line.figure.flow.formula',
                'line.source.network',
                ['outlet' => $part->name, 'mixes' => $part->kind->mixes() ? 'yes' : 'no'],
            );
            if ($one->figures->leastKpa > 0) {
                $pressure = new FigureText('line.figure.pressure.label', 'line.figure.pressure.formula', 'line.source.network', ['outlet' => $part->name]);
                $figures->add(self::pressureId($part), $pressure, $one->kpa, Unit::Kilopascal, Kind::Pressure, static fn (): array => [
                    SumInput::figure(OutletFlows::figureId($part->id)),
                ]);
            }
            $figures->add(OutletFlows::figureId($part->id), $text, $one->lpm, Unit::LitrePerMinute, Kind::Flow, static fn (): array => [
                SumInput::constant($wording->text('line.sum.upstream'), $wording->pressure($one->kpa)),
                SumInput::constant($wording->text('line.sum.open'), $wording->flow($one->figures->openLpm)),
                ...null === $pump ? [] : [
                    SumInput::constant($wording->text('line.sum.pump', ['pump' => $pump->part->spoken()]), $wording->pressure($pump->outKpa)),
                ],
            ]);
        }
        foreach ($line->graph->outlets as $part) {
            self::addMains($part, $line, $workings, $figures);
            self::addSupply($part, $workings, $figures);
        }
        $worst = $line->worst();
        if (null !== $worst) {
            $text = new FigureText('line.figure.worst.label', 'line.figure.worst.formula', 'line.source.network');
            $flow = static fn (PlannedPart $part): SumInput => SumInput::figure(OutletFlows::figureId($part->id));
            $each = static fn (): array => array_map($flow, $line->graph->outlets);
            $figures->add('line.worst', $text, $worst->lpm, Unit::LitrePerMinute, Kind::Flow, $each);
        }
        $weak = $line->weakTogether();
        if (null !== $weak) {
            $text = new FigureText('line.figure.together.label', 'line.figure.together.formula', 'line.source.network', ['outlet' => $weak->part->name]);
            $figures->add(
                'line.together',
                $text,
                $weak->lpm,
                Unit::LitrePerMinute,
                Kind::Flow,
                static fn (): array => [SumInput::figure(OutletFlows::figureId($weak->part->id))],
            );
        }
        $nearest = $line->rated()[0] ?? null;
        if (null !== $nearest) {
            $peak = $nearest->peak;
            $rated = null === $nearest->joint
                ? $wording->text('line.sum.rated')
                : $wording->text('line.sum.rated-joint', ['joint' => $nearest->joint, 'hot' => Amount::temperature($nearest->c)]);
            $text = new FigureText('line.figure.highest.label', 'line.figure.highest.formula', 'line.source.shock', ['part' => $nearest->subject()]);
            $figures->add('line.highest', $text, $peak->kpa(), Unit::Kilopascal, Kind::Pressure, static fn (): array => [
                SumInput::constant($wording->text('line.sum.steady', ['mode' => $peak->mode->when()]), $wording->pressure($peak->standingKpa)),
                SumInput::constant($wording->text('line.sum.shock'), $wording->pressure($peak->shockKpa)),
                SumInput::constant($rated, $wording->pressure($nearest->ratingKpa)),
            ]);
        }
        self::addStarts($line, $workings, $figures);
        foreach ($line->graph->outlets as $part) {
            $hot = HotOutlet::of($part, $line);
            if (null !== $hot) {
                $text = new FigureText('line.figure.wait.label', 'line.figure.wait.formula', 'line.source.cylinder', ['outlet' => $part->name]);
                $figures->litres(
                    'line.'.$part->id.'.wait',
                    $text,
                    $hot->waitL,
                    static fn (): array => [SumInput::constant($wording->text('line.sum.heater'), $hot->heater->name)],
                );
            }
        }
    }

    private static function addMains(PlannedPart $outlet, LineWorkings $line, Workings $workings, FigureSheet $figures): void
    {
        $one = $line->onMains($outlet);
        if (null === $one) {
            return;
        }
        $wording = $workings->wording;
        $mixes = $outlet->kind->mixes() ? 'yes' : 'no';
        $with = ['outlet' => $outlet->name, 'mixes' => $mixes];
        $text = new FigureText('line.figure.mains.label', 'line.figure.flow.formula', 'line.source.network', $with);
        $figures->add(self::mainsId($outlet), $text, $one->lpm, Unit::LitrePerMinute, Kind::Flow, static fn (): array => [
            SumInput::constant($wording->text('line.sum.upstream'), $wording->pressure($one->kpa)),
        ]);
    }

    private static function addSupply(PlannedPart $outlet, Workings $workings, FigureSheet $figures): void
    {
        $supply = OutletSupply::of($outlet, $workings);
        $text = new FigureText('line.figure.drawn.label', 'line.figure.drawn.formula', 'line.source.reach', ['outlet' => $outlet->name]);
        $figures->litres(
            self::drawnId($outlet),
            $text,
            $supply->litres(),
            static fn (): array => array_map(
                static fn (TankWorking $working): SumInput => SumInput::figure('tanks.'.$working->tank->id.'.usable'),
                $supply->tanks,
            ),
        );
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
            $wording = $workings->wording;
            $text = new FigureText('line.figure.starts.label', 'line.figure.starts.formula', 'line.source.boyle');
            $perHour = round(min(self::MOST_STARTS, (float) $most->result->cyclesPerHour));
            $figures->add('line.starts', $text, $perHour, Unit::One, Kind::Count, static fn (): array => [
                SumInput::constant($wording->text('line.sum.tap'), $wording->flow($most->input->tapLpm)),
                SumInput::constant($wording->text('line.sum.pump-mean'), $wording->flow($most->input->pumpLpm)),
                SumInput::constant($wording->text('line.sum.drawdown'), $wording->litres($most->result->drawdownL)),
                SumInput::constant($wording->text('line.sum.cut-in'), $wording->pressure($most->input->cutInKpa)),
                SumInput::constant($wording->text('line.sum.cut-out'), $wording->pressure($most->input->cutOutKpa)),
                SumInput::constant($wording->text('line.sum.precharge'), $wording->pressure($most->input->prechargeKpa)),
            ]);
        }
    }
}
