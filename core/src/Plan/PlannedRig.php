<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** The rig that carries the water. */
interface PlannedRig extends \JsonSerializable
{
    public function body(): RigBody;

    /** Where the body begins, in m rearward of the rig's origin. */
    public function bodyFromM(): float;

    /** Whether every figure that a weighbridge would give has been weighed. */
    public function isWeighed(): bool;
}
