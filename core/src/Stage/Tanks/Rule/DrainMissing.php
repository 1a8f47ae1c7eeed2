<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\SnagText;

/** A fixed tank that cannot be emptied, to clean it or before frost. */
final class DrainMissing implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            // What stays in it where frost comes is a snag of its own, and a cassette is carried to where it is emptied.
            if (
                TankMounting::Fixed !== $tank->form
                || WaterKind::Toilet === $tank->holds
                || null !== $tank->portFor(PortRole::Drain)
                || self::freezes($working, $workings)
            ) {
                continue;
            }
            $findings[] = new Finding(
                TanksFinding::DrainMissing,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('tanks.drain-missing.title', 'tanks.drain-missing.why', [
                    'tank' => $tank->name,
                    'holds' => $tank->holds->takesWaste() ? 'waste' : 'fresh',
                ]),
                static fn (): array => array_filter([PortProposal::addition(PortRole::Drain, $working, $workings)]),
            );
        }

        return $findings;
    }

    private static function freezes(TankWorking $working, Workings $workings): bool
    {
        $harmlessL = FrostBelowOutlet::HARMLESS_L;

        return true === $workings->plan->bayOf($working->tank)?->frost && Draining::leftAtBestL($working, $workings, $harmlessL) > $harmlessL;
    }
}
