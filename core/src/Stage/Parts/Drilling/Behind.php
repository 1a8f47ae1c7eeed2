<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;

/** What of the plan is near a hole. */
final class Behind
{
    public const NEAR_MM = 60.0;

    /** @return list<string> the names of tanks, things and parts within 60 mm; its own tank or part is not named */
    public static function of(Hole $hole, Workings $workings): array
    {
        if (null === $hole->at) {
            return [];
        }
        $at = [1000 * $hole->at->xM, 1000 * $hole->at->yM, 1000 * $hole->at->zM];
        $names = [];
        foreach ($workings->plan->tanks as $tank) {
            if (HoleIn::Tank !== $hole->in && self::isNear($tank->body(), $at)) {
                $names[] = $tank->name;
            }
        }
        foreach ($workings->plan->load->things as $thing) {
            if (self::isNear($thing->body(), $at)) {
                $names[] = $thing->name;
            }
        }
        foreach ($workings->plan->line->parts as $part) {
            if ($part->id === $hole->partId) {
                continue;
            }
            $place = null === $part->xM || null === $part->yM ? null : [1000 * $part->xM, 1000 * $part->yM, 1000 * $part->zM];
            if (null !== $place && self::isNear(Box::at($place, [0.0, 0.0, 0.0]), $at)) {
                $names[] = $part->name;
            }
        }

        return $names;
    }

    /** @param array{float, float, float} $at */
    private static function isNear(Box $box, array $at): bool
    {
        return $box->apartMm(Box::at($at, [0.0, 0.0, 0.0])) <= self::NEAR_MM;
    }
}
