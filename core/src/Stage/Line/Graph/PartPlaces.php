<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

/** Where to draw each part in the rig. A part without a place is drawn beside its neighbour on the tank's side. */
final class PartPlaces
{
    /** So far apart parts are drawn of which nobody knows where they stand. */
    private const APART_M = 0.14;

    /** @return array<string, array{float, float, bool}> along and across the rig, and whether it is guessed, by the part's id */
    public static function of(LineGraph $graph): array
    {
        $middleM = $graph->plan->load->rig->bodyFromM() + $graph->plan->load->rig->sizes()->lengthM / 2;
        $places = [];
        $queue = [];
        foreach ($graph->plan->tanks as $tank) {
            $places[$tank->id] = [$tank->xM, $tank->yM, false];
            $queue[] = $tank->id;
        }
        foreach ($graph->plan->line->parts as $part) {
            if (null !== $part->xM && null !== $part->yM) {
                $places[$part->id] = [$part->xM, $part->yM, false];
                $queue[] = $part->id;
            }
        }
        while ([] !== $queue) {
            $id = array_shift($queue);
            [$xM, $yM] = $places[$id];
            foreach ($graph->pipes as $pipe) {
                foreach ([[$pipe->from->owner->id, $pipe->to->owner->id], [$pipe->to->owner->id, $pipe->from->owner->id]] as [$near, $far]) {
                    if ($near === $id && !isset($places[$far])) {
                        // Towards the middle of the rig, so that nothing is drawn outside it.
                        $places[$far] = [$xM + ($xM < $middleM ? self::APART_M : -self::APART_M), $yM, true];
                        $queue[] = $far;
                    }
                }
            }
        }

        return $places;
    }
}
