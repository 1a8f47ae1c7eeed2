<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;

/** Joints that a pump with a motor shakes and presses on, and that only screwed clamps hold. */
final readonly class ShakenJoints
{
    /**
     * @param list<JudgedJoint> $joints
     * @param list<string> $pumps by their ids
     */
    private function __construct(
        public array $joints,
        public array $pumps,
    ) {
    }

    public static function of(Workings $workings): self
    {
        $shaken = self::pipes($workings->plan);
        $joints = array_values(array_filter(
            $workings->of(PlanJoints::class)->all,
            static fn (JudgedJoint $joint): bool => isset($shaken[$joint->pipeId()]) && \in_array(JoiningMethod::Clamp, $joint->methods(), true),
        ));

        return new self($joints, array_values(array_unique($shaken)));
    }

    /** What puts rings there. */
    public function ringed(): PlanPatch
    {
        return PlanPatch::all(array_map(static fn (JudgedJoint $one): PlanPatch => PlanPatch::set(
            $one->pointer,
            new PlannedJoint($one->adapters, JoiningMethod::Crimp),
            $one->isPlanned(),
        ), $this->joints));
    }

    /** What puts rings on every hose, but for joints of which the plan says something else. */
    public function allRinged(Plan $plan): PlanPatch
    {
        return PlanPatch::set('/line/joining', JoiningMethod::Crimp, null !== $plan->line->joining);
    }

    /** @return array<string, string> the pumps with motors, by the ids of the pipes that they press into */
    private static function pipes(Plan $plan): array
    {
        $ports = [];
        foreach ($plan->line->parts as $part) {
            if ($part->kind->isPump() && !$part->kind->isByHand()) {
                $ports[$part->port($part->leavesAt())] = $part->id;
            }
        }
        $pipes = [];
        foreach ($plan->line->pipes as $pipe) {
            $pump = $ports[$pipe->from] ?? $ports[$pipe->to] ?? null;
            if (null !== $pump) {
                $pipes[$pipe->id] = $pump;
            }
        }

        return $pipes;
    }
}
