<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\AxleSizes;
use YardCask\Core\Plan\Rig\PlannedAxle;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\PlannedTrailerAxle;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Words\Phrase;

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
        $last = $rig->axles[\count($rig->axles) - 1];
        $xM = round($last->sizes->xM + self::APART_M / 2, 3);
        if ($xM > $rig->bodyFromM() + $rig->sizes()->lengthM || \count($rig->axles) >= $rig::MOST_AXLES) {
            return null;
        }
        $id = FreeId::of('axle', $plan);
        $name = FreeName::of((string) preg_replace('/ \d+$/', '', $last->name), array_column($rig->axles, 'name'));
        $patches = self::forward($rig);
        if ($last instanceof PlannedTrailerAxle) {
            $patches[] = PlanPatch::append('/load/rig/axles', new PlannedTrailerAxle($id, $name, self::at($xM, $last->sizes)));

            return new Fix(new Phrase('load.fix.add-axle'), PlanPatch::all($patches));
        }
        $weighing = new Weighing(null === $last->weighing->weighedKg ? null : $last->weighing->weighedKg / 2, $last->weighing->estimatedKg / 2);
        $halved = PartFields::changed($last, ['weighing' => $weighing, 'sizes' => self::at($last->sizes->xM - self::APART_M / 2, $last->sizes)]);
        $patches[] = PlanPatch::replace('/load/rig/axles/'.(\count($rig->axles) - 1), $halved);

        $added = new PlannedAxle($id, $name, self::at($xM, $last->sizes), $weighing);

        return new Fix(new Phrase('load.fix.add-axle'), PlanPatch::all([...$patches, PlanPatch::append('/load/rig/axles', $added)]));
    }

    /** @return list<Fix> for each axle that can go, in their order: what stood on it then stands on the one beside it */
    public static function removals(Plan $plan): array
    {
        $rig = $plan->load->rig;
        $first = $rig instanceof PlannedRoadRig ? 1 : 0;
        $axles = $rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->axles : [];
        if (\count($axles) - $first < 2) {
            return [];
        }
        $fixes = [];
        foreach (\array_slice($axles, $first, null, true) as $index => $axle) {
            $beside = $index === $first ? $index + 1 : $index - 1;
            $keeper = $axles[$beside];
            $changes = ['sizes' => PartFields::changed($keeper->sizes, ['share' => null])];
            if ($axle instanceof PlannedAxle && $keeper instanceof PlannedAxle) {
                $bothWeighed = $axle->weighing->isWeighed() && $keeper->weighing->isWeighed();
                $changes['weighing'] = new Weighing(
                    $bothWeighed ? $axle->weighing->kg() + $keeper->weighing->kg() : null,
                    $axle->weighing->kg() + $keeper->weighing->kg(),
                );
            }
            $patch = PlanPatch::replace('/load/rig/axles/'.$beside, PartFields::changed($keeper, $changes))->and(PlanPatch::remove('/load/rig/axles/'.$index));
            $fixes[] = new Fix(new Phrase('load.fix.remove-axle', ['axle' => $axle->name]), $patch);
        }

        return $fixes;
    }

    /**
     * @return list<PlanPatch> the axles that carry together, half the distance between two further forward, so that the middle of their load stays where it is
     */
    private static function forward(PlannedRoadRig|PlannedTrailer $rig): array
    {
        $patches = [];
        foreach ($rig->axles as $index => $axle) {
            if ($rig instanceof PlannedTrailer || $index > 0) {
                $patches[] = PlanPatch::replace('/load/rig/axles/'.$index.'/x_m', round($axle->sizes->xM - self::APART_M / 2, 3));
            }
        }

        return $patches;
    }

    private static function at(float $xM, AxleSizes $like): AxleSizes
    {
        return PartFields::changed($like, ['xM' => round($xM, 3), 'share' => null]);
    }
}
