<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Tanks\Drawing\TanksDrawing;
use YardCask\Core\Stage\Tanks\Drawing\TapeJob;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

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
        return 'tanks.title';
    }

    public function sections(): array
    {
        return ['units', 'use', 'rig', 'things', 'filling', 'bays', 'tanks', 'runs', TapReach::class, OutletFlows::class, LineFills::class];
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        TanksFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        $wording = $workings->wording;
        $tanks = $workings->of(TanksWorkings::class);
        if ([] === $tanks->that(WaterKind::Fresh)) {
            $needed = ['litres' => Amount::litres($workings->of(UseWorkings::class)->need(Supply::Main)->carryL)];

            return Answer::of($wording, 'tanks.answer.none', 'tanks.answer.none.why', 'use.needed', $needed);
        }
        $aboard = $workings->of(WaterAboard::class);
        $how = match (true) {
            $aboard->brimmed => $workings->plan->load->travelFill < 1 ? 'brimmed' : 'full',
            default => $aboard->usableL < $tanks->usableL(WaterKind::Fresh) - 0.5 ? 'travelling' : 'full',
        };

        return Answer::of($wording, 'tanks.answer', 'tanks.answer.why', 'tanks.usable', [
            'litres' => Amount::litres($tanks->usableL(WaterKind::Fresh)),
            'litres_gross' => Amount::litres($figures->get('tanks.gross')->value),
            'weight' => Amount::kg($tanks->fullL(WaterKind::Fresh)),
            'known' => $figures->has('use.lasts') ? 'yes' : 'no',
            'lasts' => $figures->has('use.lasts') ? Amount::days($figures->get('use.lasts')->value) : null,
            'stay' => Amount::days($workings->plan->use->days),
            'how' => $how,
        ]);
    }

    public function drawing(Workings $workings, bool $looked): TanksDrawing
    {
        return TanksDrawing::of($workings, $looked);
    }

    public function isBegun(Workings $workings): bool
    {
        $tanks = $workings->of(TanksWorkings::class);

        return [] !== $tanks->that(WaterKind::Fresh) || [] !== $tanks->that(WaterKind::Drinking);
    }

    public function cautions(Workings $workings): array
    {
        return [
            new Phrase('tanks.caution.crash'),
            new Phrase('tanks.caution.drilling'),
        ];
    }

    public function additions(Workings $workings): array
    {
        $plan = $workings->plan;
        if (\count($plan->tanks) >= Plan::MOST_TANKS) {
            return [];
        }
        $use = $workings->of(UseWorkings::class);
        $shortL = $use->need(Supply::Main)->carryL - $workings->of(TanksWorkings::class)->usableL(WaterKind::Fresh);
        $offers = [
            [
                new Phrase('tanks.fix.add-tank'),
                FreePlace::addTank($plan, WaterKind::Fresh, max(self::LEAST_L, $shortL)) ?? FreePlace::addTank($plan, WaterKind::Fresh, self::LEAST_L),
            ],
            [new Phrase('tanks.fix.add-can'), FreePlace::addCans($plan, WaterKind::Fresh, 1)],
            [new Phrase('tanks.fix.add-waste'), FreePlace::addTank($plan, WaterKind::Waste, self::WASTE_L)],
        ];
        $additions = [];
        foreach ($offers as [$label, $patch]) {
            if ($patch instanceof PlanPatch) {
                $additions[] = new Fix($label, $patch);
            }
        }

        return $additions;
    }

    public function toMeasure(Workings $workings): array
    {
        return array_values(TapeJob::phrases($workings->plan));
    }

    public function rules(): array
    {
        return [
            new Rule\TankUnjoined(), new Rule\TankOversized(), new Rule\WastedHeights(), new Rule\TankOutside(), new Rule\TankTooLow(), new Rule\TanksCollide(),
            new Rule\TankOutOfBay(), new Rule\TankObstructed(), new Rule\OpeningSmall(), new Rule\WaterOverDry(), new Rule\TankNearHot(),
            new Rule\HoseInTheWay(), new Rule\VentSubmerged(),
            new Rule\FrostBelowOutlet(), new Rule\BayGuessed(), new Rule\PortBlocked(), new Rule\Sealed(),
            new Rule\Unvented(), new Rule\VentLow(),
            new Rule\OpenEndSpills(), new Rule\FillLow(), new Rule\RunDips(), new Rule\DrainHigh(), new Rule\FillBacksUp(), new Rule\VentThin(),
            new Rule\DrainMissing(), new Rule\DrainCapped(), new Rule\HeeledUnder(), new Rule\LevelUnseen(), new Rule\DoorSmall(),
            new Rule\Unrestrained(), new Rule\StrapWeak(),
            new Rule\NameGone(), new Rule\WasteSmall(),
        ];
    }

    public function recordRules(): array
    {
        return [];
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
