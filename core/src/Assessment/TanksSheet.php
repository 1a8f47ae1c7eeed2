<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Tank\TankMark;
use YardCask\Core\Tank\TankVolumeCalculator;

/** The figures, the answer and the drawing of the Tanks stage. */
final readonly class TanksSheet
{
    /** A tank that is added holds what is short, or this. */
    private const LEAST_L = 40.0;
    private const SOURCE = 'Solid geometry of the tank’s inside.';

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
    }

    public static function of(Workings $workings, FigureSheet $figures): StageSheet
    {
        $sheet = new self($workings, $figures);
        foreach ($workings->tanks as $working) {
            $sheet->addTank($working);
        }
        $sheet->addTotals();

        return new StageSheet(Stage::Tanks, $sheet->answer(), ['tanks' => array_map($sheet->tank(...), $workings->tanks)], [
            'A full tank pulls on its straps with many times its weight in a crash: have frame and restraint judged by someone licensed for it, under your local rules.',
            'Before drilling floor or chassis, find the cables, fuel, brake and gas lines behind it, and never work under a rig that stands on a jack alone.',
        ], $sheet->additions());
    }

    private function addTank(TankWorking $working): void
    {
        $say = $this->workings->say;
        $tank = $working->tank;
        $pointer = $working->pointer();
        $id = 'tanks.'.$tank->id;
        $sizes = [
            SumInput::field('length', $say->mm($tank->lengthMm), $pointer.'/length_mm'),
            SumInput::field('width', $say->mm($tank->widthMm), $pointer.'/width_mm'),
        ];
        $height = SumInput::field('height', $say->mm($tank->heightMm), $pointer.'/height_mm');
        $baffles = SumInput::field('baffles', $say->share($tank->displacedFraction), $pointer.'/displaced_fraction');
        $outlet = SumInput::field('outlet at', $say->mm($tank->outletHeightMm), $pointer.'/outlet_height_mm');
        $overflow = SumInput::field('overflow at', $say->mm($tank->overflowHeightMm), $pointer.'/overflow_height_mm');
        $this->figures->litres($id.'.gross', $tank->name.', whole inside', $working->volume->grossL, 'length × width × height × (1 − baffles)', [...$sizes, $height, $baffles], self::SOURCE);
        $usable = $this->figures->litres($id.'.usable', $tank->name.', usable', $working->volume->usableL, 'length × width × (overflow − outlet) × (1 − baffles)', [...$sizes, $overflow, $outlet, $baffles], self::SOURCE);
        foreach ($working->volume->marks as $mark) {
            $share = $say->share($mark->fraction);
            $this->figures->add(self::markId($tank->id, $mark), $tank->name.', mark for '.$share, $mark->heightMm, Unit::Millimetre, Kind::Length, 'the level below which lie what is under the outlet and '.$share.' of the usable; from the lid: height − level', [SumInput::figure($usable), $outlet, $height], self::SOURCE);
        }
        $this->figures->litres($id.'.below_outlet', $tank->name.', below the outlet', $working->volume->belowOutletL, 'length × width × outlet × (1 − baffles)', [...$sizes, $outlet, $baffles], self::SOURCE);
        $this->figures->litres($id.'.above_overflow', $tank->name.', above the overflow', $working->volume->aboveOverflowL, 'length × width × (height − overflow) × (1 − baffles)', [...$sizes, $height, $overflow, $baffles], self::SOURCE);
        $full = $this->figures->litres($id.'.full', $tank->name.', brim full', $working->volume->fullL(), 'length × width × overflow × (1 − baffles)', [...$sizes, $overflow, $baffles], self::SOURCE.' What lies below the outlet weighs too.');
        $this->figures->kg($id.'.full_kg', $tank->name.', weight brim full', $tank->emptyKg + $working->volume->fullL(), 'empty + litres × 1.000 kg/L', [SumInput::field('empty', $say->kg($tank->emptyKg), $pointer.'/empty_kg'), SumInput::figure($full)], 'Fresh water weighs one kilogram a litre.');
    }

    private function addTotals(): void
    {
        $inputs = fn (Supply $supply, string $end): array => array_map(fn (TankWorking $working): SumInput => SumInput::figure($this->figures->get('tanks.'.$working->tank->id.'.'.$end)), $this->workings->tanksOf($supply));
        $usable = $this->figures->litres('tanks.usable', 'Carried, usable', $this->workings->usableL(Supply::Main), 'sum of the main tanks', $inputs(Supply::Main, 'usable'), self::SOURCE);
        $this->figures->litres('tanks.full', 'Carried, brim full', $this->workings->fullL(Supply::Main), 'sum of the main tanks', $inputs(Supply::Main, 'full'), self::SOURCE);
        $this->figures->litres('tanks.gross', 'On the labels', array_sum(array_map(static fn (TankWorking $working): float => $working->volume->grossL, $this->workings->tanksOf(Supply::Main))), 'sum of the main tanks', $inputs(Supply::Main, 'gross'), self::SOURCE);
        $this->figures->litres('tanks.drinking', 'Drinking carried', $this->workings->usableL(Supply::Drinking), 'sum of the drinking cans', $inputs(Supply::Drinking, 'usable'), self::SOURCE);
        $lasts = $this->workings->lastsDays();
        if (null !== $lasts) {
            $need = $this->workings->need(Supply::Main);
            $reserve = SumInput::field('reserve', $this->workings->say->share($this->workings->plan->use->reserve), '/use/reserve');
            $this->figures->add('use.lasts', 'Lasts', floor($lasts * 10) / 10, Unit::Day, Kind::Days, '(usable ÷ (1 + reserve) − counted a stay) ÷ counted a day, rounded down', [
                SumInput::figure($usable),
                $reserve,
                SumInput::constant('uses counted a stay', $this->workings->say->litres($need->fixedL)),
                SumInput::constant('uses counted a day', $this->workings->say->litres(($need->stayL - $need->fixedL) / $this->workings->plan->use->days)),
            ], 'Days until the reserve is touched.');
        }
    }

    /** @return list<Fix> a tank and a can to begin with, where there is room for them */
    private function additions(): array
    {
        $plan = $this->workings->plan;
        if (\count($plan->tanks) >= Plan::MOST_TANKS) {
            return [];
        }
        $shortL = $this->workings->need(Supply::Main)->carryL - $this->workings->usableL(Supply::Main);

        return [
            new Fix('Add a tank', FreePlace::addTank($plan, max(self::LEAST_L, $shortL))),
            new Fix('Add a can', FreePlace::addCans($plan, Supply::Main, 1)),
        ];
    }

    private function answer(): Answer
    {
        $say = $this->workings->say;
        $usableL = $this->workings->usableL(Supply::Main);
        $fullL = $this->workings->fullL(Supply::Main);
        if ([] === $this->workings->tanksOf(Supply::Main)) {
            return new Answer('No tank yet: ', $say->litres($this->workings->need(Supply::Main)->carryL), ' have nowhere to go.', 'Add a tank or a can, give it its sizes as measured, and drag it to its place.', 'use.needed');
        }
        $lasts = $this->workings->lastsDays();
        $parts = [\sprintf('Brim full they weigh %s', $say->kg($fullL))];
        if (null !== $lasts) {
            $parts[] = \sprintf('they last %s of the %s', $this->figures->get('use.lasts')->figure, $say->days($this->workings->plan->use->days));
        }

        return new Answer('', $say->litres($usableL), ' of '.$this->figures->get('tanks.gross')->text.' can be used.', implode('; ', $parts).'.', 'tanks.usable');
    }

    private static function markId(string $tankId, TankMark $mark): string
    {
        return 'tanks.'.$tankId.'.mark.'.round(100 * $mark->fraction);
    }

    /** @return array<string, mixed> */
    private function tank(TankWorking $working): array
    {
        $say = $this->workings->say;
        $tank = $working->tank;
        $fill = $this->workings->plan->travelFillOf($tank);

        return [
            'id' => $tank->id,
            'usable' => $say->litres($working->volume->usableL), 'gross' => $say->litres($working->volume->grossL),
            'travel' => $say->litres($fill * $working->volume->fullL()),
            'travel_level_mm' => TankVolumeCalculator::levelMm($tank->tankInput(), $fill * $working->volume->fullL()),
            'marks' => array_map(static fn (TankMark $mark): array => [
                'figure_id' => self::markId($tank->id, $mark),
                'share' => $say->share($mark->fraction), 'litres' => $say->litres($mark->usableL), 'height_mm' => $mark->heightMm,
                // Both from the level in whole millimetres, so that they add up to the height.
                'height' => $say->mm(round($mark->heightMm)), 'from_top' => $say->mm($tank->heightMm - round($mark->heightMm)),
            ], $working->volume->marks),
        ];
    }
}
