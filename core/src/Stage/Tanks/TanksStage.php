<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** Which tanks, where they stand, what they hold, and where to cut their marks. */
final class TanksStage implements Stage
{
    /** A tank that is added holds what is short, or this. */
    private const LEAST_L = 40.0;
    private const WASTE_L = 40.0;

    public function name(): string
    {
        return 'tanks';
    }

    public function title(): string
    {
        return 'Tanks';
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        TanksFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures): Answer
    {
        $say = $workings->say;
        $tanks = $workings->of(TanksWorkings::class);
        if ([] === $tanks->that(Holds::Fresh)) {
            return new Answer('No tank yet: ', $say->litres($workings->of(UseWorkings::class)->need(Supply::Main)->carryL), ' have nowhere to go.', 'Add a tank or a can, give it its sizes as measured, and drag it to its place.', 'use.needed');
        }
        $parts = [\sprintf('Brim full they weigh %s', $say->kg($tanks->fullL(Holds::Fresh)))];
        if ($figures->has('use.lasts')) {
            $how = $workings->of(WaterAboard::class)->brimmed ? ($workings->plan->load->travelFill < 1 ? ', brimmed on arrival' : '') : ($workings->of(WaterAboard::class)->usableL < $tanks->usableL(Holds::Fresh) - 0.5 ? ', as they travel' : '');
            $parts[] = \sprintf('they last %s of the %s%s', $figures->get('use.lasts')->figure, $say->days($workings->plan->use->days), $how);
        }

        return new Answer('', $say->litres($tanks->usableL(Holds::Fresh)), ' of '.$figures->get('tanks.gross')->text.' can be used.', implode('; ', $parts).'.', 'tanks.usable');
    }

    public function drawing(Workings $workings, bool $looked): TanksDrawing
    {
        return TanksDrawing::of($workings, $looked);
    }

    public function cautions(Workings $workings): array
    {
        return [
            'A full tank pulls on its straps with many times its weight in a crash: have frame and restraint judged by someone licensed for it, under your local rules.',
            'Before drilling floor or chassis, find the cables, fuel, brake and gas lines behind it, and never work under a rig that stands on a jack alone.',
        ];
    }

    public function additions(Workings $workings): array
    {
        $plan = $workings->plan;
        if (\count($plan->tanks) >= Plan::MOST_TANKS) {
            return [];
        }
        $use = $workings->of(UseWorkings::class);
        $shortL = $use->need(Supply::Main)->carryL - $workings->of(TanksWorkings::class)->usableL(Holds::Fresh);
        $offers = [
            ['Add a tank', FreePlace::addTank($plan, Holds::Fresh, max(self::LEAST_L, $shortL)) ?? FreePlace::addTank($plan, Holds::Fresh, self::LEAST_L)],
            ['Add a can', FreePlace::addCans($plan, Holds::Fresh, 1)],
            ['Add a waste tank', FreePlace::addTank($plan, Holds::Waste, self::WASTE_L)],
        ];
        $additions = [];
        foreach ($offers as [$label, $patch]) {
            if ($patch instanceof PlanPatch) {
                $additions[] = new Fix($label, $patch);
            }
        }

        return $additions;
    }

    public function rules(): array
    {
        return [new Rule\TankOversized(), new Rule\WastedHeights(), new Rule\TankOutside(), new Rule\TankTooLow(), new Rule\TanksCollide(), new Rule\TankOutOfBay(), new Rule\TankObstructed(), new Rule\OpeningSmall(), new Rule\WaterOverDry(), new Rule\TankNearHot(), new Rule\FrostBelowOutlet(), new Rule\BayGuessed(), new Rule\PortBlocked(), new Rule\Unvented(), new Rule\VentLow(), new Rule\OpenEndSpills(), new Rule\FillLow(), new Rule\RunDips(), new Rule\DrainHigh(), new Rule\FillBacksUp(), new Rule\VentThin(), new Rule\DrainCapped(), new Rule\HeeledUnder(), new Rule\LevelUnseen(), new Rule\DoorSmall(), new Rule\StrapWeak(), new Rule\NameGone(), new Rule\WasteSmall()];
    }

    public function findingCodes(): string
    {
        return TanksFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        return [];
    }
}
