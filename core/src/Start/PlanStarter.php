<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\SystemBook;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Load\LoadPlan;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\PartIds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\UsePlan;
use YardCask\Core\Stage\Line\Edit\SystemLine;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Load\Shared\Seating;
use YardCask\Core\Stage\Tanks\Shared\WayOut;
use YardCask\Core\Words\Phrasebook;

/** Makes a working plan from the first answers: the usual uses, the crew aboard, and enough water for the stay if the rig can carry it. */
final class PlanStarter
{
    /** @param SystemBook|null $book the systems; without them, or without the parts that they name, the line is empty */
    public static function start(FirstAnswers $answers, StartingChoices $choices, ?SystemBook $book = null, ?PartStock $stock = null): Plan
    {
        $showers = $answers->system->hasShower($answers->stay);
        $usual = array_filter($choices->uses, static fn (StartingUse $use): bool => $use->usual && ($showers || StartingUse::SHOWER !== $use->habit));
        $use = new UsePlan(
            $answers->crew,
            $answers->stay->daysCarried($answers->days),
            $answers->stay,
            $answers->stay->usualReserve(),
            array_values(array_map(static fn (StartingUse $one): PlannedUse => $one->use($answers->habit), $usual)),
        );
        $people = RigKind::Trailer === $answers->rig->rig->kind() ? 0 : (int) ceil($answers->crew);
        $seats = \array_slice(Seating::filled($answers->rig->seats, $people, $answers->rig->rig), 0, max($people, 0));
        $loads = array_map(
            static fn (PlannedLoad $load): PlannedLoad => PartFields::changed($load, ['kg' => $load->kg * $answers->crew]),
            $answers->rig->loads,
        );
        $plan = RoundFigures::of(
            new Plan(
                name: $answers->name,
                units: $answers->units,
                use: $use,
                load: new LoadPlan($answers->rig->rig, $seats, [...$loads, ...Belongings::of($answers)], $answers->rig->things, 1.0),
                bays: $answers->rig->bays,
                tanks: [],
                runs: [],
                line: LinePlan::none(),
            ),
        );

        $placed = TankPlacer::placed($plan, $answers->rig);

        return PartIds::issued(null === $book || null === $stock ? $placed : self::withLine($placed, $answers->system, $book, $stock));
    }

    /** @throws InvalidInput when the plan does not have the tanks that the system needs: nobody is given another than the one that was chosen */
    private static function withLine(Plan $plan, SystemType $system, SystemBook $book, PartStock $stock): Plan
    {
        $laid = SystemLine::lay($plan, $book->page($system), $stock)?->plan;
        if (null === $laid || !self::givesWater($laid)) {
            $isApart = SystemType::TwoCircuits === $system;
            throw InvalidInput::at('/system', Phrasebook::english()->fill($isApart ? 'frame.input.no-drinking-tank' : 'frame.input.no-header-tank', []));
        }

        return FitOut::of(WayOut::everywhere(Workings::over($laid, $stock)), $stock);
    }

    private static function givesWater(Plan $plan): bool
    {
        $line = Workings::over($plan)->of(LineWorkings::class);
        foreach ($line->graph->outlets as $outlet) {
            if ($line->alone($outlet)->outlets[$outlet->id]->isDry()) {
                return false;
            }
        }

        return true;
    }
}
