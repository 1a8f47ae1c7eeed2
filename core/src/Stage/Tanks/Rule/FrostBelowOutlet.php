<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Where frost comes, water that lies below a tank's outlet cannot be let out before it freezes. */
final class FrostBelowOutlet implements Rule
{
    /** Ice of less than this finds room to grow. */
    public const HARMLESS_L = 1.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $bay = $workings->plan->bayOf($working->tank);
            if (true === $bay?->frost && $working->belowOutletL() > self::HARMLESS_L) {
                $findings[] = new Finding(
                    TanksFinding::FrostBelowOutlet,
                    [$working->tank->id],
                    new Measure($working->belowOutletL(), self::HARMLESS_L, 'L'),
                    \sprintf('%s cannot be emptied before a frost', $working->tank->name),
                    \sprintf('Frost reaches %s, and %s lie below the outlet. Ice takes a tenth more room than water and splits tank and fittings: give it a drain at its lowest point, or take the outlet to the floor.', $bay->name, $workings->say->litres($working->belowOutletL())),
                    static fn (): array => BayFixes::elsewhere($working, $workings),
                );
            }
        }

        return $findings;
    }
}
