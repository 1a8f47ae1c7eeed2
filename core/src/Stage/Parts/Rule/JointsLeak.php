<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfJoining;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\EndWords;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\SnagText;

/** Ends that go together and will not hold: one finding for all of them. */
final class JointsLeak implements RuleOfJoining, RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $leaks = $workings->of(PlanJoints::class)->that(Verdict::Leaks);
        $first = $leaks[0] ?? null;
        if (null === $first) {
            return [];
        }
        $meeting = $first->worst();

        return [new Finding(
            PartsFinding::Leaks,
            array_values(array_unique(array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $leaks))),
            new Measure((float) \count($leaks), 0.0, ''),
            new SnagText('parts.leaks.title', 'parts.leaks.why', [
                'count' => \count($leaks),
                'at' => $first->at,
                'end' => EndWords::of($meeting->a),
                'end_other' => EndWords::of($meeting->b),
                'because' => $meeting->joint->why ?? '',
            ]),
            static fn (): array => (new JoinFixes($workings))->all($leaks),
        )];
    }
}
