<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\PlanPart;

/** The rig that carries the water. */
interface PlannedRig extends PlanPart
{
    public function kind(): RigKind;

    public function sizes(): RigSizes;

    /** Where the body begins, in m rearward of the rig's origin. */
    public function bodyFromM(): float;

    /** How far forward something can be stowed, in m: on a trailer's drawbar too. */
    public function stowFromM(): float;
}
