<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\NosePractice;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Quantity\Unit;

/** How much of a trailer its coupling is to carry: what the plan says, or what its units let one expect. */
final class UsualNose
{
    public static function of(Plan $plan): NosePractice
    {
        return self::said($plan) ?? (Unit::Pound === $plan->units->mass && Unit::UsGallon === $plan->units->volume ? NosePractice::Heavy : NosePractice::Light);
    }

    public static function said(Plan $plan): ?NosePractice
    {
        return $plan->load->rig instanceof PlannedTrailer ? $plan->load->rig->towing->nosePractice : null;
    }
}
