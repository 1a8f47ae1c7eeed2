<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\SnagText;

/** Adapters in the line that are not made for drinking water. */
final class AdaptersNotForDrinking implements RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $unfit = static fn (PlannedAdapter $one): bool => !$one->make->foodGrade;
        $joints = array_values(array_filter(
            $workings->of(PlanJoints::class)->all,
            static fn (JudgedJoint $joint): bool => $joint->isUnderPressure && [] !== array_filter($joint->adapters, $unfit),
        ));
        if ([] === $joints) {
            return [];
        }
        $first = array_values(array_filter($joints[0]->adapters, $unfit))[0];

        return [new Finding(
            PartsFinding::AdapterNotForDrinking,
            array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $joints),
            new Measure((float) \count($joints), 0.0, ''),
            new SnagText('parts.adapter-not-for-drinking.title', 'parts.adapter-not-for-drinking.why', [
                'adapter' => $first->name,
                'at' => $joints[0]->at,
                'others' => \count($joints) - 1,
            ]),
            static fn (): array => (new JoinFixes($workings))->all($joints),
        )];
    }
}
