<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Joints\JointSummary;
use YardCask\Core\Stage\Parts\Joints\Verdict;

/** How many joints hold, and what is to be done about the others, or about what else is wrong. */
final class PartsAnswer
{
    /** @param list<Finding> $findings of all stages, the worst first */
    public static function of(Workings $workings, array $findings): Answer
    {
        $snag = self::snag($findings);
        $joints = $workings->of(JointSummary::class);
        $all = $joints->all();
        $with = [
            'joints' => $all,
            'tight' => $joints->count(Verdict::Tight),
            'apart' => $joints->count(Verdict::Apart),
            'leaks' => $joints->count(Verdict::Leaks),
            'unmeasured' => $joints->count(Verdict::Unmeasured),
            'adapters' => $joints->adapters,
            'snag' => null === $snag ? '' : $snag->text->title($workings->wording),
        ];
        [$sentence, $reason] = match (true) {
            0 === $all => ['parts.answer.nothing', 'parts.answer.nothing.why'],
            $with['apart'] + $with['leaks'] > 0 => ['parts.answer.trouble', 'parts.answer.trouble.why'],
            $with['unmeasured'] > 0 => ['parts.answer.unmeasured', 'parts.answer.unmeasured.why'],
            null !== $snag => ['parts.answer.tight', 'parts.answer.tight.but'],
            default => ['parts.answer.tight', 'parts.answer.tight.why'],
        };

        return Answer::of($workings->wording, $sentence, $reason, 0 === $all ? 'parts.joints' : 'parts.tight', $with);
    }

    /**
     * The worst of what has to be put right.
     *
     * @param list<Finding> $findings
     */
    private static function snag(array $findings): ?Finding
    {
        foreach ($findings as $one) {
            if ($one->code instanceof PartsFinding && $one->isGrave()) {
                return $one;
            }
        }

        return null;
    }
}
