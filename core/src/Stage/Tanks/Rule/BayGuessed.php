<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Tanks stand in a bay of which nobody has taken the sizes. */
final class BayGuessed implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->bays as $index => $bay) {
            $tanks = array_filter($workings->plan->tanks, static fn (PlannedTank $tank): bool => $tank->bay === $bay->id);
            if (!$bay->taped && [] !== $tanks) {
                $names = array_column($tanks, 'name');
                $findings[] = new Finding(
                    TanksFinding::BayGuessed,
                    [$bay->id],
                    new Measure(0.0, 0.0, 'mm'),
                    \sprintf('%s is not measured yet', $bay->name),
                    \sprintf('Whether %s %s in there is a guess until length, width, height and what stands in the way have been taped.', implode(' and ', $names), 1 === \count($names) ? 'fits' : 'fit'),
                    static fn (): array => [],
                    new LookAt('/bays/'.$index.'/length_mm', 'Enter what the tape says'),
                );
            }
        }

        return $findings;
    }
}
