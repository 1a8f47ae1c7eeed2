<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A use drains into a tank that is not there any more, or that does not take waste. */
final class DrainMissing implements Rule
{
    public function check(Workings $workings): array
    {
        $waste = $workings->of(TanksWorkings::class)->thatTakeWaste();
        $known = [PlannedUse::OUTSIDE, PlannedUse::NOTHING];
        foreach ($waste as $working) {
            $known[] = $working->tank->id;
        }
        $findings = [];
        foreach ($workings->plan->use->uses as $index => $use) {
            if (\in_array($use->drainsTo, $known, true)) {
                continue;
            }
            $to = static fn (Phrase $label, string $drain): Fix => new Fix($label, PlanPatch::replace('/use/uses/'.$index.'/drains_to', $drain));
            $findings[] = new Finding(
                UseFinding::DrainMissing,
                [$use->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('use.drain-missing.title', 'use.drain-missing.why', ['use' => $use->name]),
                static fn (): array => [
                    ...array_map(
                        static fn ($working): Fix => $to(new Phrase('use.fix.drain-into', ['tank' => $working->tank->name]), $working->tank->id),
                        $waste,
                    ),
                    $to(new Phrase('use.fix.drain-outside'), PlannedUse::OUTSIDE),
                ],
            );
        }

        return $findings;
    }
}
