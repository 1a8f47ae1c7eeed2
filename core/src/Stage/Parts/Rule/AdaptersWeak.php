<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Stage\Line\Shared\PipePeaks;
use YardCask\Core\Stage\Parts\Edit\JoinFixes;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** An adapter that the pressure or the heat of its pipe can go above: one finding for the nearest to bursting. */
final class AdaptersWeak implements Rule
{
    public function check(Workings $workings): array
    {
        $weak = [];
        $worst = null;
        foreach ($workings->of(PlanJoints::class)->all as $joint) {
            foreach ([] === $joint->adapters ? [] : $joint->adapters as $adapter) {
                [$kpa, $c] = $workings->of(PipePeaks::class)->peaks[$joint->pipeId()] ?? [0.0, 0.0];
                $share = max($kpa / $adapter->make->ratingKpa, $c / $adapter->make->ratingC);
                if ($share > 1) {
                    $weak[$joint->id] = $joint;
                    $worst = null === $worst || $share > $worst[0] ? [$share, $joint, $adapter, $kpa, $c] : $worst;
                }
            }
        }
        if (null === $worst) {
            return [];
        }
        [, $joint, $adapter, $kpa, $c] = $worst;

        return [new Finding(
            PartsFinding::AdapterWeak,
            array_values(array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $weak)),
            new Measure(round($worst[0], 3), 1.0, ''),
            self::text($adapter, $joint, $kpa, $c, \count($weak)),
            static fn (): array => (new JoinFixes($workings))->all(array_values($weak)),
        )];
    }

    private static function text(PlannedAdapter $adapter, JudgedJoint $joint, float $kpa, float $c, int $count): SnagText
    {
        return new SnagText('parts.adapter-weak.title', 'parts.adapter-weak.why', [
            'adapter' => $adapter->name,
            'at' => $joint->at,
            'by' => $kpa / $adapter->make->ratingKpa >= $c / $adapter->make->ratingC ? 'pressure' : 'heat',
            'pressure' => Amount::pressure($kpa),
            'pressure_rated' => Amount::pressure($adapter->make->ratingKpa),
            'hot' => Amount::temperature($c),
            'hot_rated' => Amount::temperature($adapter->make->ratingC),
            'others' => $count - 1,
        ]);
    }
}
