<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\RigWords;
use YardCask\Core\Words\Phrase;

/** What a limit is called in a sentence, and where to look at it. */
final class LimitWords
{
    public static function name(LimitName $limit, RigWords $words): Phrase
    {
        return new Phrase('load.limit', ['limit' => $limit, 'rig' => $words->kind, 'axles' => $words->axles]);
    }

    /** What carries the weight: “the rear axle”, “the whole rig”. */
    public static function carrier(LimitName $limit, RigWords $words): Phrase
    {
        return new Phrase('load.carrier', ['limit' => $limit, 'rig' => $words->kind, 'axles' => $words->axles]);
    }

    public static function plate(LimitName $limit, PlannedRig $rig): LookAt
    {
        return new LookAt(RigLimit::of($limit, $rig)->pointer, new Phrase('load.over.look'));
    }
}
