<?php

declare(strict_types=1);

namespace YardCask\Core\Stage;

use YardCask\Core\Output\HasSchema;
use YardCask\Core\Plan\PlanSchema;
use YardCask\Core\Plan\Rig\PlannedRig;

/** A rig, in the form that it has in the plan file. */
final readonly class SentRig implements HasSchema
{
    public function __construct(private PlannedRig $rig)
    {
    }

    public static function schema(): array
    {
        return PlanSchema::rig();
    }

    public function jsonSerialize(): PlannedRig
    {
        return $this->rig;
    }
}
