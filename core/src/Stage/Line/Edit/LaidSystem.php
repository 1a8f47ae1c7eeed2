<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\SystemPage;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;

/** A plan with the line of a system in it, and what of the line before has no place there. */
final readonly class LaidSystem
{
    /** @param list<string> $dropped names */
    public function __construct(
        public SystemPage $page,
        public Plan $plan,
        public array $dropped,
    ) {
    }

    /** What makes this plan of the one that it was laid in. */
    public function patch(Plan $before): PlanPatch
    {
        $patch = PlanPatch::replace('/line', $this->plan->line);
        foreach ($this->plan->tanks as $index => $tank) {
            if ($tank->poured !== $before->tanks[$index]->poured) {
                $patch = $patch->and(PlanPatch::replace('/tanks/'.$index.'/poured', $tank->poured));
            }
            if ($tank->ports !== $before->tanks[$index]->ports) {
                $patch = $patch->and(PlanPatch::replace('/tanks/'.$index.'/ports', $tank->ports));
            }
        }

        return $patch;
    }
}
