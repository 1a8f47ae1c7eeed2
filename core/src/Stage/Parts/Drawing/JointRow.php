<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\EndWords;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\Meeting;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Words\Wording;

/** A joint: where it is, what meets there and what comes of it, and what would join it. */
final readonly class JointRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<JointMeeting> $meetings
     * @param list<SentFix> $fixes
     */
    private function __construct(
        public string $id,
        /** The pipe or the run that it is an end of. */
        public string $pipeId,
        public string $pointer,
        public string $at,
        public string $pipe,
        public Verdict $verdict,
        public string $words,
        #[ListOf(JointMeeting::class)]
        public array $meetings,
        /** Chains of adapters that would join it; none where it is tight. */
        #[ListOf(SentFix::class)]
        public array $fixes,
    ) {
    }

    public static function of(JudgedJoint $joint, JoinFixes $fixes, Wording $wording): self
    {
        $isBad = Verdict::Apart === $joint->verdict || Verdict::Leaks === $joint->verdict;

        return new self(
            id: $joint->id,
            pipeId: $joint->pipeId(),
            pointer: $joint->pointer,
            at: $wording->text($joint->at->key, $joint->at->with),
            pipe: $wording->text($joint->pipe->key, $joint->pipe->with),
            verdict: $joint->verdict,
            words: $wording->text('parts.verdict', ['verdict' => $joint->verdict]),
            meetings: self::meetings($joint, $wording),
            fixes: $isBad && $joint->isUnderPressure
                ? array_map(static fn (Fix $fix): SentFix => SentFix::of($fix, $wording), $fixes->all([$joint]))
                : [],
        );
    }

    /** @return list<JointMeeting> */
    private static function meetings(JudgedJoint $joint, Wording $wording): array
    {
        $names = array_map(static fn (PlannedAdapter $one): string => $wording->catalogueName($one->name), $joint->adapters);

        return array_map(static fn (Meeting $one, int $index): JointMeeting => new JointMeeting(
            verdict: $one->verdict,
            tube: $wording->phrase(EndWords::of($one->a)),
            port: $wording->phrase(EndWords::of($one->b)),
            with: $one->joint->with ?? null,
            why: $one->joint->why ?? null,
            adapter: $names[$index] ?? null,
        ), $joint->meetings, array_keys($joint->meetings));
    }
}
