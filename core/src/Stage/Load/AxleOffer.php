<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Plan\AxleSizes;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedAxle;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\PlannedTrailerAxle;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Weighing;

/** An axle more behind the last, like it: what stood on that one, both now carry by half. */
final class AxleOffer
{
    private const APART_M = 0.8;

    /** Null where there is no room for it, or where a rig has none. */
    public static function of(Plan $plan): ?Fix
    {
        $rig = $plan->load->rig;
        if (!$rig instanceof PlannedRoadRig && !$rig instanceof PlannedTrailer) {
            return null;
        }
        $index = \count($rig->axles) - 1;
        $last = $rig->axles[$index];
        $xM = round($last->sizes->xM + self::APART_M, 3);
        if ($xM > $rig->bodyFromM() + $rig->sizes()->lengthM || \count($rig->axles) >= $rig::MOST_AXLES) {
            return null;
        }
        $id = FreeId::of('axle', $plan);
        $name = FreeId::name($last->name, array_column($rig->axles, 'name'));
        $sizes = self::standingAt($xM, $last->sizes);
        if ($last instanceof PlannedTrailerAxle) {
            return new Fix('Add an axle', PlanPatch::append('/load/rig/axles', new PlannedTrailerAxle($id, $name, $sizes)));
        }
        $half = static fn (?float $kg): ?float => null === $kg ? null : $kg / 2;
        $weighing = new Weighing($half($last->weighing->weighedKg), $last->weighing->estimatedKg / 2);
        $patches = [PlanPatch::replace('/load/rig/axles/'.$index, PartFields::changed($last, ['weighing' => $weighing, 'sizes' => PartFields::changed($last->sizes, ['share' => null])])), PlanPatch::append('/load/rig/axles', new PlannedAxle($id, $name, $sizes, $weighing))];

        return new Fix('Add an axle', PlanPatch::all($patches));
    }

    private static function standingAt(float $xM, AxleSizes $like): AxleSizes
    {
        return PartFields::changed($like, ['xM' => $xM, 'share' => null]);
    }
}
