<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Words\Phrase;

/** A change of the plan that can be offered: what its button says, and the patch that the app can apply. */
final readonly class Fix
{
    public function __construct(
        public Phrase $label,
        public PlanPatch $patch,
        /** Whether it corrects what the plan says of the rig, not the rig itself: what comes with it was true before, so it is offered all the same. */
        public bool $isCorrection = false,
    ) {
    }
}
