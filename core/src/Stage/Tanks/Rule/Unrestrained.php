<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Stage\Tanks\Movement\Restraint;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Nobody has said what holds a tank: braked hard it slides, and in a crash it flies. */
final class Unrestrained implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            $pulls = Restraint::of($working, $workings);
            if (null === $pulls || null !== $tank->straps) {
                continue;
            }
            $held = ($tank->heldBy ?? HeldBy::Straps)->kind();
            $straps = TankProposal::straps($tank->allEmptyKg() + $working->fullL());
            $findings[] = new Finding(
                TanksFinding::Unrestrained,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('tanks.unrestrained.title', 'tanks.unrestrained.why', ['tank' => $tank->name, 'pull' => Amount::kg($pulls->forwardKg())]),
                static fn (): array => [
                    new Fix(
                        new Phrase('tanks.fix.straps', ['straps' => (int) $straps, 'held' => $held, 'tank' => $tank->name]),
                        PlanPatch::add($working->pointer().'/straps', $straps),
                    ),
                ],
                new LookAt($working->pointer().'/straps', new Phrase('tanks.unrestrained.look')),
            );
        }

        return $findings;
    }
}
