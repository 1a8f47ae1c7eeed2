<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
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
        $weak = self::weak($workings);
        // The joints are judged only if one of them is weak.
        $joints = [] === $weak ? [] : array_intersect_key(array_column($workings->of(PlanJoints::class)->all, null, 'id'), $weak);
        if ([] === $joints) {
            return [];
        }
        $weak = array_intersect_key($weak, $joints);
        uasort($weak, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        [$share, $adapter, $kpa, $c] = $weak[array_key_first($weak)];

        return [new Finding(
            PartsFinding::AdapterWeak,
            array_values(array_map(static fn (JudgedJoint $one): string => $one->pipeId(), $joints)),
            new Measure(round($share, 3), 1.0, ''),
            self::text($adapter, $joints[array_key_first($weak)], $kpa, $c, \count($joints)),
            static fn (): array => (new JoinFixes($workings))->all(array_values($joints)),
        )];
    }

    /** @return array<string, array{float, PlannedAdapter, float, float}> by the joint’s id: the share of its rating, the adapter, kPa and °C */
    private static function weak(Workings $workings): array
    {
        $weak = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            foreach ($ending->joint()->adapters ?? [] as $adapter) {
                [$kpa, $c] = $workings->of(PipePeaks::class)->peaks[$ending->pipe->id] ?? [0.0, 0.0];
                $share = max($kpa / $adapter->make->ratingKpa, $c / $adapter->make->ratingC);
                if ($share > max(1.0, $weak[$ending->jointId()][0] ?? 0.0)) {
                    $weak[$ending->jointId()] = [$share, $adapter, $kpa, $c];
                }
            }
        }

        return $weak;
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
