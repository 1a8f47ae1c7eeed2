<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedRig;
use YardCask\Core\Plan\RigWords;

/** What a limit is called in a sentence, and where to look at it. */
final class LimitWords
{
    public static function name(LimitName $limit, RigWords $words): string
    {
        return match ($limit) {
            LimitName::Gross => $words->grossName(),
            LimitName::Front => 'front axle',
            LimitName::Rear => 'rear '.$words->axles(),
            LimitName::Nose => 'nose',
            LimitName::Axle => $words->axles(),
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

    public static function plate(LimitName $limit, PlannedRig $rig): LookAt
    {
        return new LookAt(RigLimit::of($limit, $rig)->pointer, 'Check the plate');
    }
}
