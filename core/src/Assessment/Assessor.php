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
        $findings = Rules::findings($workings);

        return new Assessment(
            $figures,
            [$use, $load, $tanks],
            $findings,
            array_map(static fn (Finding $finding): array => Rules::provenFixes($finding, $workings, $findings), $findings),
            SightGlass::cells($workings, $figures, $findings),
            Readings::of($plan),
        );
    }
}
