<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Tanks\Movement\Restraint;
use YardCask\Core\Stage\Tanks\Movement\Slosh;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Tank\TankMark;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** The figures of the Tanks stage, each with its sum. */
final readonly class TanksFigures
{
    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures);
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $sheet->addTank($working);
        }
        $sheet->addTotals();
    }

    public static function markId(string $tankId, TankMark $mark): string
    {
        return 'tanks.'.$tankId.'.mark.'.round(100 * $mark->fraction);
    }

    private function addTank(TankWorking $working): void
    {
        $tank = $working->tank;
        $id = 'tanks.'.$tank->id;
        $terms = new TankVolumeTerms($working, $this->workings);
        $text = static fn (string $label): FigureText => new FigureText($label, 'tanks.source.solid', ['tank' => $tank->name]);
        $volume = static fn (string $to, ?string $from = null): \Closure => static fn (): SumOf => $terms->between($to, $from);
        $this->figures->litres($id.'.gross', $text('tanks.figure.gross.label'), $working->grossL(), $volume('height'));
        $this->figures->litres($id.'.usable', $text('tanks.figure.usable.label'), $working->usableL(), $volume('overflow', 'outlet'));
        foreach ($working->volume->marks as $mark) {
            $with = ['tank' => $tank->name, 'share' => Amount::share($mark->fraction)];
            $this->figures->add(
                self::markId($tank->id, $mark),
                new FigureText('tanks.figure.mark.label', 'tanks.source.solid', $with),
                $mark->heightMm,
                Unit::Millimetre,
                Kind::Length,
                static fn (): SumOf => $terms->mark($mark->fraction, $mark->heightMm),
            );
        }
        $errors = self::equalDepthsErrorsL($working);
        $most = max([0.0, ...array_map(abs(...), $errors)]);
        $equal = fn (): SumOf => $this->equalDepths($working->volume->marks, $errors);
        $this->figures->litres($id.'.equal_depths', $text('tanks.figure.equal-depths.label'), $most, $equal);
        $this->figures->litres($id.'.below_outlet', $text('tanks.figure.below-outlet.label'), $working->belowOutletL(), $volume('outlet'));
        $this->figures->litres($id.'.above_overflow', $text('tanks.figure.above-overflow.label'), $working->aboveOverflowL(), $volume('height', 'overflow'));
        $this->figures->litres($id.'.full', $text('tanks.figure.full.label'), $working->fullL(), $volume('overflow'));
        $this->addFullWeight($working);
        $this->addLineFill($working);
        Slosh::addFigure($working, $this->workings, $this->figures);
        Restraint::of($working, $this->workings)?->addFigures($this->workings, $this->figures);
    }

    private function addFullWeight(TankWorking $working): void
    {
        $wording = $this->workings->wording;
        $tank = $working->tank;
        $id = 'tanks.'.$tank->id;
        $text = new FigureText('tanks.figure.full-kg.label', 'tanks.source.water', ['tank' => $tank->name]);
        $this->figures->kg($id.'.full_kg', $text, $tank->allEmptyKg() + $working->fullL(), static fn (): SumOf => new SumOf(
            1.0 === $tank->count ? 'empty + full * weighs' : 'alike * empty + full * weighs',
            [
                ...1.0 === $tank->count ? [] : [
                    SumTerm::field('alike', $wording->text('tanks.sum.count'), Amount::number($tank->count), $working->pointer().'/count'),
                ],
                SumTerm::field('empty', $wording->text('tanks.sum.empty'), Amount::kg($tank->emptyKg), $working->pointer().'/empty_kg'),
                SumTerm::figure('full', $id.'.full'),
                SumTerm::constant('weighs', $wording->text('load.sum.litre'), Amount::kg(1.0)),
            ],
        ));
    }

    /** What the line gives where it fills the tank; the first of its ways. */
    private function addLineFill(TankWorking $working): void
    {
        $fill = $this->workings->of(LineFills::class)->of($working->tank)[0] ?? null;
        if (null === $fill) {
            return;
        }
        $text = new FigureText('tanks.figure.line-fill.label', 'tanks.source.network', ['tank' => $working->tank->name, 'mode' => $fill->mode]);
        $sum = fn (): SumOf => $this->workings->of(LineFills::class)->sum($working->tank, $fill, $this->workings->wording);
        $this->figures->add(LineFills::figureId($working->tank->id), $text, $fill->lpm, Unit::LitrePerMinute, Kind::Flow, $sum);
    }

    /** @return list<float> how far out marks are that divide the depth evenly, in litres for all tanks alike */
    private static function equalDepthsErrorsL(TankWorking $working): array
    {
        $tank = $working->tank;
        $shape = $tank->tankInput()->shape;
        $depthMm = $tank->overflowMm() - $tank->outletMm();
        $below = static fn (float $levelMm): float => $shape->litresBelow($levelMm) * (1 - $tank->baffledFraction()) - $working->volume->belowOutletL;

        return array_map(
            static fn (TankMark $mark): float => $tank->count * ($below($tank->outletMm() + $mark->fraction * $depthMm) - $mark->usableL),
            $working->volume->marks,
        );
    }

    /**
     * @param list<TankMark> $marks
     * @param list<float> $errors
     */
    private function equalDepths(array $marks, array $errors): SumOf
    {
        $terms = [];
        foreach ($marks as $index => $mark) {
            $label = $this->workings->wording->text('tanks.sum.out', ['share' => $this->workings->wording->share($mark->fraction)]);
            $terms[] = SumTerm::constant('e'.$index, $label, Amount::litres($errors[$index]));
        }
        $parts = array_map(static fn (SumTerm $term): string => 'abs('.$term->symbol.')', $terms);

        return new SumOf('max('.implode(', ', $parts).')', $terms, new Phrase('tanks.figure.equal-depths.note'));
    }

    private function addTotals(): void
    {
        $tanks = $this->workings->of(TanksWorkings::class);
        $fresh = $tanks->that(WaterKind::Fresh);
        $text = static fn (string $label): FigureText => new FigureText($label, 'tanks.source.solid');
        $grossL = array_sum(array_map(static fn (TankWorking $working): float => $working->grossL(), $fresh));
        $drinking = $tanks->drawn(WaterKind::Drinking);
        $usable = self::each($tanks->drawn(WaterKind::Fresh), 'usable');
        $this->figures->litres('tanks.usable', $text('tanks.figure.all-usable.label'), $tanks->usableL(WaterKind::Fresh), $usable);
        $this->figures->litres('tanks.full', $text('tanks.figure.all-full.label'), $tanks->fullL(WaterKind::Fresh), self::each($fresh, 'full'));
        $this->figures->litres('tanks.gross', $text('tanks.figure.all-gross.label'), $grossL, self::each($fresh, 'gross'));
        $this->figures->litres('tanks.drinking', $text('tanks.figure.drinking.label'), $tanks->usableL(WaterKind::Drinking), self::each($drinking, 'usable'));
    }

    /**
     * @param list<TankWorking> $of
     *
     * @return \Closure(): SumOf one figure of each of them added up
     */
    private static function each(array $of, string $end): \Closure
    {
        return static fn (): SumOf => SumOf::figures(
            array_map(static fn (TankWorking $working): string => 'tanks.'.$working->tank->id.'.'.$end, $of),
        );
    }
}
