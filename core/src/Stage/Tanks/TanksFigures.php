<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\PlannedShape;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Tank\TankMark;

/** The figures of the Tanks stage, each with its sum. */
final readonly class TanksFigures
{
    private const SOURCE = 'Solid geometry of the tank’s inside.';

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
        $say = $this->workings->say;
        $tank = $working->tank;
        $pointer = $working->pointer();
        $id = 'tanks.'.$tank->id;
        $many = $tank->count > 1;
        $times = $many ? 'how many × ' : '';
        $is = static fn (string $what): SumInput => match ($what) {
            'height' => SumInput::field('height', $say->mm($tank->heightMm), $pointer.'/height_mm'),
            'baffles' => SumInput::field('baffles', $say->share($tank->displacedFraction), $pointer.'/displaced_fraction'),
            'outlet' => SumInput::field('outlet at', $say->mm($tank->outletHeightMm), $pointer.'/outlet_height_mm'),
            'overflow' => SumInput::field('overflow at', $say->mm($tank->overflowMm()), $pointer.'/'.$tank->overflowKey()),
            default => throw new \LogicException('A tank has no '.$what.'.'),
        };
        $with = static fn (string ...$what): \Closure => static fn (): array => [
            ...$many ? [SumInput::field('how many', (string) $tank->count, $pointer.'/count')] : [],
            SumInput::field('length', $say->mm($tank->lengthMm), $pointer.'/length_mm'),
            SumInput::field('width', $say->mm($tank->widthMm), $pointer.'/width_mm'),
            ...array_map($is, array_values($what)),
        ];
        $high = PlannedShape::LyingCylinder === $tank->shape ? ['height'] : [];
        $this->figures->litres($id.'.gross', $tank->name.', whole inside', $working->grossL(), $times.$tank->shape->formula('height').' × (1 − baffles)', $with('height', 'baffles'), self::SOURCE);
        $this->figures->litres($id.'.usable', $tank->name.', usable', $working->usableL(), $times.$tank->shape->formula('(overflow − outlet)').' × (1 − baffles)', $with(...[...$high, 'overflow', 'outlet', 'baffles']), self::SOURCE);
        foreach ($working->volume->marks as $mark) {
            $share = $say->share($mark->fraction);
            $this->figures->add(self::markId($tank->id, $mark), $tank->name.', mark for '.$share, $mark->heightMm, Unit::Millimetre, Kind::Length, 'the level below which lie what is under the outlet and '.$share.' of the usable; from the lid: height − level', static fn (): array => [SumInput::figure($id.'.usable'), $is('outlet'), $is('height')], self::SOURCE);
        }
        $this->figures->litres($id.'.equal_depths', $tank->name.', marks at equal depths', self::equalDepthsErrorL($working), 'the most by which what lies under a quarter, half and three quarters of the depth differs from that share of the usable', static fn (): array => [SumInput::figure($id.'.usable'), $is('outlet'), $is('overflow')], self::SOURCE);
        $this->figures->litres($id.'.below_outlet', $tank->name.', below the outlet', $working->belowOutletL(), $times.$tank->shape->formula('outlet').' × (1 − baffles)', $with(...[...$high, 'outlet', 'baffles']), self::SOURCE);
        $this->figures->litres($id.'.above_overflow', $tank->name.', above the overflow', $working->aboveOverflowL(), $times.$tank->shape->formula('(height − overflow)').' × (1 − baffles)', $with('height', 'overflow', 'baffles'), self::SOURCE);
        $this->figures->litres($id.'.full', $tank->name.', brim full', $working->fullL(), $times.$tank->shape->formula('overflow').' × (1 − baffles)', $with(...[...$high, 'overflow', 'baffles']), self::SOURCE.' What lies below the outlet weighs too.');
        $this->figures->kg($id.'.full_kg', $tank->name.', weight brim full', $tank->allEmptyKg() + $working->fullL(), 'empty + litres × 1.000 kg/L', static fn (): array => [SumInput::field('empty', $say->kg($tank->allEmptyKg()), $pointer.'/empty_kg'), SumInput::figure($id.'.full')], 'Fresh water weighs one kilogram a litre.');
        Slosh::addFigure($working, $this->workings, $this->figures);
        Restraint::of($working, $this->workings)?->addFigures($this->workings, $this->figures);
    }

    /** How far marks that divide the depth evenly are out, in litres, at the worst of the three; of all that are alike. */
    private static function equalDepthsErrorL(TankWorking $working): float
    {
        $tank = $working->tank;
        $shape = $tank->tankInput()->shape;
        $depthMm = $tank->overflowMm() - $tank->outletHeightMm;
        $below = static fn (float $levelMm): float => $shape->litresBelow($levelMm) * (1 - $tank->baffledFraction()) - $working->volume->belowOutletL;

        return $tank->count * max(0.0, ...array_map(static fn (TankMark $mark): float => abs($below($tank->outletHeightMm + $mark->fraction * $depthMm) - $mark->usableL), $working->volume->marks));
    }

    private function addTotals(): void
    {
        $tanks = $this->workings->of(TanksWorkings::class);
        $inputs = static fn (Holds $holds, string $end): array => array_map(static fn (TankWorking $working): SumInput => SumInput::figure('tanks.'.$working->tank->id.'.'.$end), $tanks->that($holds));
        $this->figures->litres('tanks.usable', 'Carried, usable', $tanks->usableL(Holds::Fresh), 'sum of the fresh tanks', static fn (): array => $inputs(Holds::Fresh, 'usable'), self::SOURCE);
        $this->figures->litres('tanks.full', 'Carried, brim full', $tanks->fullL(Holds::Fresh), 'sum of the fresh tanks', static fn (): array => $inputs(Holds::Fresh, 'full'), self::SOURCE);
        $grossL = array_sum(array_map(static fn (TankWorking $working): float => $working->grossL(), $tanks->that(Holds::Fresh)));
        $this->figures->litres('tanks.gross', 'On the labels', $grossL, 'sum of the fresh tanks', static fn (): array => $inputs(Holds::Fresh, 'gross'), self::SOURCE);
        $this->figures->litres('tanks.drinking', 'Drinking carried', $tanks->usableL(Holds::Drinking), 'sum of the drinking cans', static fn (): array => $inputs(Holds::Drinking, 'usable'), self::SOURCE);
    }
}
