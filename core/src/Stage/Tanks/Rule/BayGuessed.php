<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Tanks stand in a bay of which nobody has taken the sizes. */
final class BayGuessed implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->bays as $index => $bay) {
            $tanks = array_filter($workings->plan->tanks, static fn (PlannedTank $tank): bool => $tank->bay === $bay->id);
            if (!$bay->taped && [] !== $tanks) {
                $findings[] = new Finding(
                    TanksFinding::BayGuessed,
                    [$bay->id],
                    new Measure(0.0, 0.0, 'mm'),
                    new SnagText(
                        'tanks.bay-guessed.title',
                        'tanks.bay-guessed.why',
                        ['bay' => $bay->name, 'tanks' => array_column($tanks, 'name'), 'count' => \count($tanks)],
                    ),
                    static fn (): array => [],
                    new LookAt('/bays/'.$index.'/length_mm', new Phrase('tanks.bay-guessed.look')),
                );
            }
        }

        return $findings;
    }
}
