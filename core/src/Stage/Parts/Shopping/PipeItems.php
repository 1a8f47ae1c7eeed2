<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;

/** Clips along the pipes, and insulation of those under the floor. */
final class PipeItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        $held = $workings->of(HeldPipes::class);
        $endings = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            $endings[$ending->pipe->id][] = $ending;
        }
        foreach (PipeLengths::of($workings)->all as [$ending, $lengthM]) {
            $clips = $held->of($ending->pipe->id);
            if (null === $clips) {
                continue;
            }
            [$from, $to] = $endings[$ending->pipe->id];
            $at = FittedAt::ending($from)->halfTo(FittedAt::ending($to));
            $isAssumed = null === $ending->pipe->lengthM;
            if (null !== $clips->clip) {
                $basket->add($clips->clip, $clips->count($lengthM), $ending->phrase(), $at, $isAssumed);
            }
            if (null !== $clips->insulation && self::isUnderTheFloor($from, $to, $workings)) {
                $basket->add($clips->insulation, $lengthM, $ending->phrase(), $at, $isAssumed);
            }
        }
    }

    /** Whether a pipe runs in the wind, with both its ends below the floor; a boat has none. */
    private static function isUnderTheFloor(PipeEnding $from, PipeEnding $to, Workings $workings): bool
    {
        $rig = $workings->plan->load->rig;

        return RigKind::Boat !== $rig->kind() && max($from->zM(), $to->zM()) < $rig->sizes()->floorM;
    }
}
