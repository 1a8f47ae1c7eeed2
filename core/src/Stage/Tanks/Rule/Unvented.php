<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\SnagText;

/** A tank has a fill and no vent: a hose bulges it, and the pump sucks it in. */
final class Unvented implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            // A bag gives way.
            if (TankMounting::Bag !== $tank->form && null !== $tank->portFor(PortRole::Fill) && null === $tank->portFor(PortRole::Vent)) {
                $findings[] = new Finding(
                    TanksFinding::Unvented,
                    [$tank->id],
                    new Measure(0.0, 1.0, ''),
                    new SnagText('tanks.unvented.title', 'tanks.unvented.why', ['tank' => $tank->name]),
                    static fn (): array => array_filter([PortProposal::addition(PortRole::Vent, $working, $workings)]),
                );
            }
        }

        return $findings;
    }
}
