<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Load\Drawing\LoadDrawing;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\Seating;
use YardCask\Core\Words\Phrase;

/** What the rig weighs, where the weight rests, and how full it may travel. */
final class LoadStage implements Stage
{
    private const NEW_LOAD_KG = 20.0;
    private const NEW_LOAD_ABOVE_FLOOR_M = 0.4;

    public function name(): string
    {
        return 'load';
    }

    public function title(): string
    {
        return 'load.title';
    }

    public function sections(): array
    {
        return ['units', 'use', 'load', 'bays', 'tanks', 'runs', 'line'];
    }

    public function addFigures(Workings $workings, FigureSheet $figures): void
    {
        LoadFigures::add($workings, $figures);
    }

    public function answer(Workings $workings, FigureSheet $figures, array $findings): Answer
    {
        return LoadAnswer::of($workings, $figures);
    }

    public function drawing(Workings $workings, bool $looked): LoadDrawing
    {
        return LoadDrawing::of($workings, $looked);
    }

    public function isBegun(Workings $workings): bool
    {
        return true;
    }

    public function cautions(Workings $workings): array
    {
        return [
            new Phrase($workings->of(LoadWorkings::class)->isBoat() ? 'load.caution.boat' : 'load.caution.weigh'),
        ];
    }

    public function additions(Workings $workings): array
    {
        $plan = $workings->plan;
        $rig = $plan->load->rig;
        $additions = [];
        if (\count($plan->load->loads) < LoadPlan::MOST_LOADS) {
            $names = array_map(static fn (PlannedLoad $load): string => $load->name, $plan->load->loads);
            $xM = round($rig->bodyFromM() + $rig->sizes()->lengthM / 2, 1);
            $load = new PlannedLoad(
                FreeId::of('load', $plan),
                FreeName::of($workings->wording->text('load.new-load'), $names),
                self::NEW_LOAD_KG,
                $xM,
                0.0,
                round($rig->sizes()->floorM + self::NEW_LOAD_ABOVE_FLOOR_M, 2),
            );
            $additions[] = new Fix(new Phrase('load.fix.add-load'), PlanPatch::append('/load/loads', $load));
        }
        if (0 < $workings->of(LoadWorkings::class)->people->count() && \count($plan->load->seats) < LoadPlan::MOST_SEATS) {
            $additions[] = new Fix(new Phrase('load.fix.add-seats', ['seats' => 1]), PlanPatch::append('/load/seats', Seating::more($plan, 1)[0]));
        }

        return $additions;
    }

    public function toMeasure(Workings $workings): array
    {
        return LoadGuesses::of($workings);
    }

    public function rules(): array
    {
        return [
            new Rule\OverLimit(), new Rule\NoseLight(), new Rule\BoatTrim(), new Rule\Estimates(), new Rule\SeatMissing(), new Rule\LoadOutside(),
            new Rule\Refilled(), new Rule\ReserveThin(), new Rule\SteeringLight(), new Rule\TyreOver(), new Rule\SideDifference(),
        ];
    }

    public function recordRules(): array
    {
        return [];
    }

    public function findingCodes(): string
    {
        return LoadFinding::class;
    }

    public function glass(Workings $workings, FigureSheet $figures, array $findings): array
    {
        return LoadGlass::cells($workings, $figures, $findings);
    }
}
