<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;

/** How the water is taken out of a part that no drain empties. */
enum HandWork: string
{
    case Unscrew = 'unscrew';
    case RunDry = 'run_dry';

    /** How a hand takes out what stays in a part; null where none can. */
    public static function on(PlannedPart $part): ?self
    {
        return match (true) {
            PartKind::Filter === $part->kind, PartKind::Strainer === $part->kind => self::Unscrew,
            // One that is let into the water is lifted out of it.
            $part->kind->isPump() && PartKind::SubmersiblePump !== $part->kind => self::RunDry,
            default => null,
        };
    }
}
