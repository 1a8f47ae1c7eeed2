<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\RigWords;

/** What a limit is called in a sentence, and where its figure stands in the plan. */
final class LimitWords
{
    public static function name(LimitName $limit, RigWords $words): string
    {
        return match ($limit) {
            LimitName::Gross => $words->grossName(),
            LimitName::Front => 'front axle',
            LimitName::Rear => 'rear axle',
            LimitName::Nose => 'nose',
            LimitName::Axle => 'axle',
            LimitName::LeastNose => 'least nose weight',
            LimitName::None => 'no limit',
        };
    }

    /** What carries the weight: “the rear axle”, “the whole rig”. */
    public static function carrier(LimitName $limit, RigWords $words): string
    {
        return match ($limit) {
            LimitName::Gross => $words->whole(),
            LimitName::LeastNose => 'the nose',
            default => 'the '.self::name($limit, $words),
        };
    }

    public static function pointer(LimitName $limit, RigWords $words): string
    {
        return '/load/rig/'.match ($limit) {
            LimitName::Front => 'front/limit_kg',
            LimitName::Rear => 'rear/limit_kg',
            LimitName::Nose, LimitName::LeastNose => 'nose_limit_kg',
            LimitName::Axle => 'axle_limit_kg',
            default => $words->grossKey(),
        };
    }

    public static function plate(LimitName $limit, RigWords $words): LookAt
    {
        return new LookAt(self::pointer($limit, $words), 'Check the plate');
    }
}
