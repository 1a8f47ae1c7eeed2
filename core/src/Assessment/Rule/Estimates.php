<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Filling;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\LimitWords;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;

/** Weights that nobody has weighed: what that may hide, and whether it matters here. */
final class Estimates implements Rule
{
    /** A fitted-out rig is often this far from what its papers and lists add up to. */
    public const ERROR = 0.04;

    public function check(Workings $workings): array
    {
        $estimates = self::estimatedKg($workings);
        if ([] === $estimates) {
            return [];
        }
        $say = $workings->say;
        $findings = [];
        $errorsKg = array_map(static fn (float $kg): float => self::ERROR * $kg, $estimates);
        foreach ($workings->limits() as $limit) {
            $errorKg = $errorsKg[$limit->name->value] ?? 0.0;
            $spareKg = $limit->spareAt(Filling::Travelling);
            if ($spareKg >= -0.05 && $spareKg < $errorKg) {
                $findings[] = new Finding(
                    FindingCode::EstimateTight,
                    [$limit->name->value],
                    new Measure($spareKg, $errorKg, 'kg'),
                    \sprintf('%s may be over: it is an estimate', ucfirst(LimitWords::carrier($limit->name, $workings->plan))),
                    \sprintf('%s are left, but an estimate of %s is easily %s out. Weigh the rig, or travel with less.', $say->kg($spareKg), $say->kg($estimates[$limit->name->value] ?? 0.0), $say->kg($errorKg)),
                    static fn (): array => array_values(array_filter([TravelFill::leaving($errorsKg, $workings), ...WeightShift::relieve($limit->name, $errorKg - $spareKg, Filling::Travelling, $workings)])),
                    self::pointer($limit->name, $workings),
                );
            }
        }
        $totalKg = $estimates[LimitName::Gross->value] ?? 0.0;
        $findings[] = new Finding(
            FindingCode::NotWeighed,
            [],
            new Measure(0.0, self::ERROR * $totalKg, 'kg'),
            'Not weighed: these are estimates',
            \sprintf('%s are taken from lists, not from a weighbridge. Such figures are easily %s out, so every load here may be too.', $say->kg($totalKg), $say->kg(self::ERROR * $totalKg)),
            static fn (): array => [],
            self::pointer($workings->limits()[1]->name, $workings),
        );

        return $findings;
    }

    /** @return array<string, float> the estimated part of what rests on each limit, in kg; empty when all is weighed */
    private static function estimatedKg(Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        if ($rig->isWeighed()) {
            return [];
        }
        if ($rig instanceof PlannedRoadRig) {
            $front = null === $rig->front->weighing->weighedKg ? $rig->front->weighing->estimatedKg : 0.0;
            $rear = null === $rig->rear->weighing->weighedKg ? $rig->rear->weighing->estimatedKg : 0.0;

            return ['gross' => $front + $rear, 'front' => $front, 'rear' => $rear];
        }
        if ($rig instanceof PlannedTrailer) {
            $whole = null === $rig->whole->weighedKg ? $rig->whole->estimatedKg : 0.0;
            $nose = null === $rig->nose->weighedKg ? $rig->nose->estimatedKg : 0.0;

            return ['gross' => $whole, 'nose' => $nose, 'axle' => max(0.0, $whole - $rig->nose->kg())];
        }

        return [];
    }

    /** The weighed figure that is missing. */
    private static function pointer(LimitName $limit, Workings $workings): string
    {
        $rig = $workings->plan->load->rig;
        if ($rig instanceof PlannedRoadRig) {
            return '/load/rig/'.(null === $rig->rear->weighing->weighedKg && (LimitName::Rear === $limit || null !== $rig->front->weighing->weighedKg) ? 'rear' : 'front').'/weighed_kg';
        }
        $noseOnly = $rig instanceof PlannedTrailer && (LimitName::Nose === $limit || null !== $rig->whole->weighedKg) && null === $rig->nose->weighedKg;

        return $noseOnly ? '/load/rig/nose_weighed_kg' : '/load/rig/weighed_kg';
    }
}
