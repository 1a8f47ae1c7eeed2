<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\PortRole;
use YardCask\Core\Plan\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Nothing tells how much is left in a fixed tank. */
final class LevelUnseen implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            if (TankMounting::Fixed !== $tank->form || $tank->seeThrough || null !== $tank->portFor(PortRole::Gauge)) {
                continue;
            }
            $findings[] = new Finding(
                TanksFinding::LevelUnseen,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                \sprintf('Nothing tells the level of %s', $tank->name),
                'It has no gauge, and its level is not seen through its wall. Somebody finds out when the pump sucks air, or when the floor is wet.',
                static fn (): array => array_values(array_filter([PortProposal::addition(PortRole::Gauge, $working, $workings), new Fix('It is seen through its wall', PlanPatch::replace($working->pointer().'/see_through', true))])),
            );
        }

        return $findings;
    }
}
