<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedShape;
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
        $wording = $this->workings->wording;
        $tank = $working->tank;
        $pointer = $working->pointer();
        $id = 'tanks.'.$tank->id;
        $many = $tank->count > 1;
        $is = static fn (string $what): SumInput => match ($what) {
            'height' => SumInput::field($wording->text('tanks.sum.height'), $wording->mm($tank->heightMm), $pointer.'/height_mm'),
            'baffles' => SumInput::field($wording->text('tanks.sum.baffles'), $wording->share($tank->displacedFraction), $pointer.'/displaced_fraction'),
            'outlet' => SumInput::field($wording->text('tanks.sum.outlet'), $wording->mm($tank->outletHeightMm), $pointer.'/outlet_height_mm'),
            'overflow' => SumInput::field($wording->text('tanks.sum.overflow'), $wording->mm($tank->overflowMm()), $pointer.'/'.$tank->overflowKey()),
            default => throw new \LogicException('A tank has no '.$what.'.'),
        };
        $with = static fn (string ...$what): \Closure => static fn (): array => [
            ...$many ? [SumInput::field($wording->text('tanks.sum.count'), (string) $tank->count, $pointer.'/count')] : [],
            SumInput::field($wording->text('tanks.sum.length'), $wording->mm($tank->lengthMm), $pointer.'/length_mm'),
            SumInput::field($wording->text('tanks.sum.width'), $wording->mm($tank->widthMm), $pointer.'/width_mm'),
            ...array_map($is, array_values($what)),
        ];
        $high = PlannedShape::LyingCylinder === $tank->shape ? ['height'] : [];
        $volume = static fn (string $label, string $between): FigureText => new FigureText($label, 'tanks.figure.volume.formula', 'tanks.source.solid', [
            'tank' => $tank->name,
            'many' => $many ? 'yes' : 'no',
            'shape' => $tank->shape,
            'between' => $between,
        ]);
        $this->figures->litres($id.'.gross', $volume('tanks.figure.gross.label', 'height'), $working->grossL(), $with('height', 'baffles'));
        $this->figures->litres(
            $id.'.usable',
            $volume('tanks.figure.usable.label', 'usable'),
            $working->usableL(),
            $with(...[...$high, 'overflow', 'outlet', 'baffles']),
        );
        foreach ($working->volume->marks as $mark) {
            $text = new FigureText(
                'tanks.figure.mark.label',
                'tanks.figure.mark.formula',
                'tanks.source.solid',
                ['tank' => $tank->name, 'share' => Amount::share($mark->fraction)],
            );
            $this->figures->add(
                self::markId($tank->id, $mark),
                $text,
                $mark->heightMm,
                Unit::Millimetre,
                Kind::Length,
                static fn (): array => [SumInput::figure($id.'.usable'), $is('outlet'), $is('height')],
            );
        }
        $text = new FigureText('tanks.figure.equal-depths.label', 'tanks.figure.equal-depths.formula', 'tanks.source.solid', ['tank' => $tank->name]);
        $this->figures->litres(
            $id.'.equal_depths',
            $text,
            self::equalDepthsErrorL($working),
            static fn (): array => [SumInput::figure($id.'.usable'), $is('outlet'), $is('overflow')],
        );
        $this->figures->litres(
            $id.'.below_outlet',
            $volume('tanks.figure.below-outlet.label', 'outlet'),
            $working->belowOutletL(),
            $with(...[...$high, 'outlet', 'baffles']),
        );
        $this->figures->litres(
            $id.'.above_overflow',
            $volume('tanks.figure.above-overflow.label', 'above'),
            $working->aboveOverflowL(),
            $with('height', 'overflow', 'baffles'),
        );
        $this->figures->litres($id.'.full', $volume('tanks.figure.full.label', 'overflow'), $working->fullL(), $with(...[...$high, 'overflow', 'baffles']));
        $text = new FigureText('tanks.figure.full-kg.label', 'tanks.figure.full-kg.formula', 'tanks.source.water', ['tank' => $tank->name]);
        $empty = SumInput::field($wording->text('tanks.sum.empty'), $wording->kg($tank->allEmptyKg()), $pointer.'/empty_kg');
        $this->figures->kg($id.'.full_kg', $text, $tank->allEmptyKg() + $working->fullL(), static fn (): array => [$empty, SumInput::figure($id.'.full')]);
        $this->addLineFill($working);
        Slosh::addFigure($working, $this->workings, $this->figures);
        Restraint::of($working, $this->workings)?->addFigures($this->workings, $this->figures);
    }

    /** What the line gives where it fills the tank; the first of its ways. */
    private function addLineFill(TankWorking $working): void
    {
        $fill = $this->workings->of(LineFills::class)->of($working->tank)[0] ?? null;
        if (null === $fill) {
            return;
        }
        $wording = $this->workings->wording;
        $with = ['tank' => $working->tank->name, 'mode' => $fill->mode];
        $text = new FigureText('tanks.figure.line-fill.label', 'tanks.figure.line-fill.formula', 'tanks.source.network', $with);
        $rest = SumInput::constant($wording->text('tanks.sum.rest'), $wording->pressure($fill->restKpa));
        $this->figures->add(LineFills::figureId($working->tank->id), $text, $fill->lpm, Unit::LitrePerMinute, Kind::Flow, static fn (): array => [$rest]);
    }

    /** The largest error, in litres for all tanks alike, of marks that divide the depth evenly. */
    private static function equalDepthsErrorL(TankWorking $working): float
    {
        $tank = $working->tank;
        $shape = $tank->tankInput()->shape;
        $depthMm = $tank->overflowMm() - $tank->outletHeightMm;
        $below = static fn (float $levelMm): float => $shape->litresBelow($levelMm) * (1 - $tank->baffledFraction()) - $working->volume->belowOutletL;

        return $tank->count * max(
            0.0,
            ...array_map(
                static fn (TankMark $mark): float => abs($below($tank->outletHeightMm + $mark->fraction * $depthMm) - $mark->usableL),
                $working->volume->marks,
            ),
        );
    }

    private function addTotals(): void
    {
        $tanks = $this->workings->of(TanksWorkings::class);
        $inputs = static fn (WaterKind $holds, string $end): array => array_map(
            static fn (TankWorking $working): SumInput => SumInput::figure('tanks.'.$working->tank->id.'.'.$end),
            $tanks->that($holds),
        );
        $drawn = static fn (WaterKind $holds): array => array_map(
            static fn (TankWorking $working): SumInput => SumInput::figure('tanks.'.$working->tank->id.'.usable'),
            $tanks->drawn($holds),
        );
        $fresh = static fn (string $label): FigureText => new FigureText($label, 'tanks.figure.fresh.formula', 'tanks.source.solid');
        $this->figures->litres(
            'tanks.usable',
            $fresh('tanks.figure.all-usable.label'),
            $tanks->usableL(WaterKind::Fresh),
            static fn (): array => $drawn(WaterKind::Fresh),
        );
        $this->figures->litres(
            'tanks.full',
            $fresh('tanks.figure.all-full.label'),
            $tanks->fullL(WaterKind::Fresh),
            static fn (): array => $inputs(WaterKind::Fresh, 'full'),
        );
        $grossL = array_sum(array_map(static fn (TankWorking $working): float => $working->grossL(), $tanks->that(WaterKind::Fresh)));
        $this->figures->litres('tanks.gross', $fresh('tanks.figure.all-gross.label'), $grossL, static fn (): array => $inputs(WaterKind::Fresh, 'gross'));
        $drinking = new FigureText('tanks.figure.drinking.label', 'tanks.figure.drinking.formula', 'tanks.source.solid');
        $drinkingL = $tanks->usableL(WaterKind::Drinking);
        $this->figures->litres('tanks.drinking', $drinking, $drinkingL, static fn (): array => $drawn(WaterKind::Drinking));
    }
}
