<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WantedPrecharge;

/** A new vessel comes charged for its pump or its heater. */
final class ChargedVessels
{
    /** The line of a plan, in which every vessel is charged but those that another line has. */
    public static function of(Plan $plan, LinePlan $before): LinePlan
    {
        $isNew = static fn (PlannedPart $part): bool => PartKind::Accumulator === $part->kind && null === $before->part($part->id);
        if ([] === array_filter($plan->line->parts, $isNew)) {
            return $plan->line;
        }
        $wanted = WantedPrecharge::all(Workings::over($plan)->of(LineWorkings::class));
        $charged = static fn (PlannedPart $part): PlannedPart => isset($wanted[$part->id]) && $isNew($part)
            ? PartFields::changed($part, ['figures' => PartFields::changed($part->figures, ['prechargeKpa' => $wanted[$part->id]->kpa])])
            : $part;

        return PartFields::changed($plan->line, ['parts' => array_map($charged, $plan->line->parts)]);
    }
}
