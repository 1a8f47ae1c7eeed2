<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\Meeting;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\SnagText;

/** A metal thread screwed into a plastic one, which it splits when it is tightened like metal. */
final class MetalInPlastic implements RuleOfJoining, RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $split = array_values(array_filter(
            $workings->of(PlanJoints::class)->all,
            static fn (JudgedJoint $joint): bool => [] !== array_filter($joint->meetings, self::splits(...)),
        ));
        if ([] === $split) {
            return [];
        }

        return [new Finding(
            PartsFinding::MetalInPlastic,
            array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $split),
            new Measure((float) \count($split), 0.0, ''),
            new SnagText('parts.metal-in-plastic.title', 'parts.metal-in-plastic.why', ['count' => \count($split), 'at' => $split[0]->at]),
            static fn (): array => [],
        )];
    }

    private static function splits(Meeting $meeting): bool
    {
        return Verdict::Tight === $meeting->verdict && null !== $meeting->a && null !== $meeting->b && $meeting->a->splits($meeting->b);
    }
}
