<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Plan;

/** What a limit is called in a sentence, where its figure stands in the plan, and which findings it makes. */
final class LimitWords
{
    public static function name(LimitName $limit, Plan $plan): string
    {
        return match ($limit) {
            LimitName::Gross => self::isBoat($plan) ? 'load limit' : 'gross limit',
            LimitName::Front => 'front axle',
            LimitName::Rear => 'rear axle',
            LimitName::Nose => 'nose',
            LimitName::Axle => 'axle',
            LimitName::None => 'no limit',
        };
    }

    /** What carries the weight: “the rear axle”, “the whole rig”. */
    public static function carrier(LimitName $limit, Plan $plan): string
    {
        return LimitName::Gross === $limit ? (self::isBoat($plan) ? 'the load aboard' : 'the whole rig') : 'the '.self::name($limit, $plan);
    }

    public static function pointer(LimitName $limit, Plan $plan): string
    {
        return '/load/rig/'.match ($limit) {
            LimitName::Gross, LimitName::None => self::isBoat($plan) ? 'load_limit_kg' : 'gross_limit_kg',
            LimitName::Front => 'front/limit_kg',
            LimitName::Rear => 'rear/limit_kg',
            LimitName::Nose => 'nose_limit_kg',
            LimitName::Axle => 'axle_limit_kg',
        };
    }

    public static function overOnTheRoad(LimitName $limit): FindingCode
    {
        return match ($limit) {
            LimitName::Front => FindingCode::FrontOver,
            LimitName::Rear => FindingCode::RearOver,
            LimitName::Nose => FindingCode::NoseOver,
            LimitName::Axle => FindingCode::AxleOver,
            default => FindingCode::GrossOver,
        };
    }

    public static function overWhenFull(LimitName $limit): FindingCode
    {
        return match ($limit) {
            LimitName::Front => FindingCode::FrontOverFull,
            LimitName::Rear => FindingCode::RearOverFull,
            LimitName::Nose => FindingCode::NoseOverFull,
            LimitName::Axle => FindingCode::AxleOverFull,
            default => FindingCode::GrossOverFull,
        };
    }

    private static function isBoat(Plan $plan): bool
    {
        return RigKind::Boat === $plan->load->rig->body()->style->rigKind();
    }
}
