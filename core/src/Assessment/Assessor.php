<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;

/** Runs every calculator and every rule over a plan. */
final class Assessor
{
    public static function assess(Plan $plan): Assessment
    {
        $workings = Workings::of($plan);
        $figures = new FigureSheet($workings->say);
        $use = UseSheet::of($workings, $figures);
        $tanks = TanksSheet::of($workings, $figures);
        $load = LoadSheet::of($workings, $figures);
        $rules = new Rules($workings);
        $findings = $rules->findings();

        return new Assessment(
            $figures,
            [$use, $load, $tanks],
            $findings,
            array_map($rules->provenFixes(...), $findings),
            SightGlass::cells($workings, $figures, $findings),
            Readings::of($plan),
        );
    }
}
