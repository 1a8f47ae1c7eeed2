<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Surge\SurgeCalculator;
use YardCask\Core\Surge\SurgeInput;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** How fast the water of a box tank goes to and fro, as it travels. Loose filling lets it not. */
final class Slosh
{
    /** Null where its shape is not told, where it is empty or pressed full, or where loose filling calms it. */
    public static function periodS(TankWorking $working, Workings $workings): ?float
    {
        $tank = $working->tank;
        if (PlannedShape::Box !== $tank->shape || null !== $tank->looseFraction) {
            return null;
        }
        $litres = $tank->lengthMm * $tank->widthMm * self::levelMm($working, $workings) / 1e6;

        return SurgeCalculator::calculate(
            new SurgeInput(
                lengthM: $tank->lengthMm / 1000,
                widthM: $tank->widthMm / 1000,
                heightM: $tank->heightMm / 1000,
                litres: $litres,
                decelG: 0.0,
                gradePercent: 0.0,
                baffleCells: $tank->baffleCells ?? 1.0,
                portHeightM: 0.0,
                portOutM: 0.0,
            ),
        )->periodS;
    }

    public static function figureId(TankWorking $working): string
    {
        return 'tanks.'.$working->tank->id.'.slosh';
    }

    public static function addFigure(TankWorking $working, Workings $workings, FigureSheet $figures): void
    {
        $tank = $working->tank;
        $periodS = self::periodS($working, $workings);
        if (null !== $periodS) {
            $wording = $workings->wording;
            $text = new FigureText('tanks.figure.slosh.label', 'tanks.source.slosh', ['tank' => $tank->name]);
            $figures->add(self::figureId($working), $text, $periodS, Unit::Second, Kind::Period, static fn (): SumOf => new SumOf(
                // tanh(x) = (1 − e^−2x) ÷ (1 + e^−2x), with x = π · level ÷ length of a cell.
                '2 * pi / sqrt(pi * 9806.65 * cells / length * (1 - exp(-2 * pi * level * cells / length)) / (1 + exp(-2 * pi * level * cells / length)))',
                [
                    SumTerm::field('length', $wording->text('tanks.sum.length'), Amount::mm($tank->lengthMm), $working->pointer().'/length_mm'),
                    self::cells($working, $wording),
                    SumTerm::constant('level', $wording->text('tanks.sum.level'), Amount::mm(self::levelMm($working, $workings))),
                ],
                new Phrase('tanks.figure.slosh.note'),
            ));
        }
    }

    private static function cells(TankWorking $working, Wording $wording): SumTerm
    {
        $label = $wording->text('tanks.sum.cells');
        $cells = $working->tank->baffleCells;

        return null === $cells
            ? SumTerm::assumed('cells', $label, Amount::number(1.0))
            : SumTerm::field('cells', $label, Amount::number($cells), $working->pointer().'/baffle_cells');
    }

    private static function levelMm(TankWorking $working, Workings $workings): float
    {
        return TankVolumeCalculator::levelMm($working->tank->tankInput(), $workings->plan->travelFillOf($working->tank) * $working->volume->fullL());
    }
}
