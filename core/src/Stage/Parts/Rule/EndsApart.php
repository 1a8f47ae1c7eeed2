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

/** Ends that do not go together: one finding for all of them. */
final class EndsApart implements RuleOfJoining, RuleOfSections
{
    public static function sections(): array
    {
        return PlanJoints::sections();
    }

    public function check(Workings $workings): array
    {
        $apart = $workings->of(PlanJoints::class)->that(Verdict::Apart);
        $first = $apart[0] ?? null;
        if (null === $first) {
            return [];
        }
        $meeting = $first->worst();

        return [new Finding(
            PartsFinding::Apart,
            array_values(array_unique(array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $apart))),
            new Measure((float) \count($apart), 0.0, ''),
            new SnagText('parts.apart.title', 'parts.apart.why', [
                'count' => \count($apart),
                'at' => $first->at,
                'end' => EndWords::of($meeting->a),
                'end_other' => EndWords::of($meeting->b),
            ]),
            static fn (): array => (new JoinFixes($workings))->all($apart),
        )];
    }
}
