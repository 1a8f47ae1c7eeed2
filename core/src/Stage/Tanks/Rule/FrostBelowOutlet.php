<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PortRole;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Where frost comes, water that stays in a tank when it is drained freezes there. */
final class FrostBelowOutlet implements Rule
{
    /** Ice of less than this finds room to grow. */
    public const HARMLESS_L = 1.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $bay = $workings->plan->bayOf($working->tank);
            $leftL = RunWorkings::undrainedL($working);
            if (true === $bay?->frost && $leftL > self::HARMLESS_L) {
                $findings[] = new Finding(
                    TanksFinding::FrostBelowOutlet,
                    [$working->tank->id],
                    new Measure($leftL, self::HARMLESS_L, 'L'),
                    \sprintf('%s cannot be emptied before a frost', $working->tank->name),
                    \sprintf('Frost reaches %s, and %s stay in it when it is drained. Ice takes a tenth more room than water and splits tank and fittings: give it a drain at its lowest point, or take the outlet to the floor.', $bay->name, $workings->say->litres($leftL)),
                    static fn (): array => array_values(array_filter([PortProposal::addition(PortRole::Drain, $working, $workings), ...BayFixes::elsewhere($working, $workings)])),
                );
            }
        }

        return $findings;
    }
}
