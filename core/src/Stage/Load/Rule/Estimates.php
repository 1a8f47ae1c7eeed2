<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedAxle;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Stage\Load\Fill\TravelFill;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shift\WeightShift;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Weights that nobody has weighed: what that may hide, and whether it matters here. */
final class Estimates implements Rule
{
    public function check(Workings $workings): array
    {
        $plan = $workings->plan;
        $findings = [];
        $unweighed = false;
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            $unweighed = $unweighed || $limit->errorKg > 0;
            $spare = $limit->onTheRoad;
            if (!$spare->isBroken() && $spare->kg < $limit->errorKg - 1e-6) {
                $estimatedKg = EstimateError::estimatedKg($limit->name, $plan);
                $findings[] = new Finding(
                    code: LoadFinding::EstimateTight,
                    subject: [$limit->name->value],
                    measure: new Measure($spare->kg, $limit->errorKg, 'kg'),
                    text: new SnagText('load.estimate-tight.title', 'load.estimate-tight.why', [
                        'carrier' => LimitWords::carrier($limit->name, $workings->rigWords),
                        'left' => Amount::kg($spare->kg),
                        'when' => $spare->moment->phrase($plan->load->rig->kind()),
                        'estimated' => Amount::kg($estimatedKg),
                        'left_error' => Amount::kg($limit->errorKg),
                    ]),
                    proposals: static fn (): array => [
                        ...TravelFill::allowed($workings),
                        ...WeightShift::relieve($limit->name, $limit->errorKg - $spare->kg, $spare->moment, $workings),
                    ],
                    lookAt: self::ticket($limit->name, $workings),
                    causes: [LoadFinding::NotWeighed->keyOf([])],
                );
            }
        }
        if ($unweighed) {
            $most = self::mostEstimated($plan);
            [$totalKg, $errorKg] = [EstimateError::estimatedKg($most, $plan), EstimateError::on($most, $plan)];
            $findings[] = new Finding(
                LoadFinding::NotWeighed,
                [],
                new Measure(0.0, $errorKg, 'kg'),
                new SnagText('load.not-weighed.title', 'load.not-weighed.why', ['estimated' => Amount::kg($totalKg), 'error' => Amount::kg($errorKg)]),
                static fn (): array => [],
                self::ticket(LimitName::Gross, $workings),
            );
        }

        return $findings;
    }

    /** The whole, or what is left to estimate when the whole was weighed. */
    private static function mostEstimated(Plan $plan): LimitName
    {
        foreach ([LimitName::Gross, LimitName::Nose, LimitName::Front, LimitName::Rear] as $limit) {
            if (EstimateError::estimatedKg($limit, $plan) > 0) {
                return $limit;
            }
        }

        return LimitName::Gross;
    }

    /** The axle of which a ticket would tell most. */
    private static function unweighed(PlannedRoadRig $rig, LimitName $limit): int
    {
        $indexes = array_keys(array_filter($rig->axles, static fn (PlannedAxle $axle): bool => !$axle->weighing->isWeighed()));
        $rear = array_values(array_diff($indexes, [0]));

        return LimitName::Rear === $limit ? $rear[0] ?? $indexes[0] ?? 0 : $indexes[0] ?? 0;
    }

    /** The weighed figure that is missing. */
    private static function ticket(LimitName $limit, Workings $workings): LookAt
    {
        $rig = $workings->plan->load->rig;
        $key = 'weighed_kg';
        if ($rig instanceof PlannedRoadRig) {
            $key = 'axles/'.self::unweighed($rig, $limit).'/weighed_kg';
        } elseif ($rig instanceof PlannedTrailer && (LimitName::Nose === $limit || $rig->whole->isWeighed()) && !$rig->nose->isWeighed()) {
            $key = 'nose_weighed_kg';
        }

        return new LookAt('/load/rig/'.$key, new Phrase('load.not-weighed.look'));
    }
}
