<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Parts\Joints\JudgedJoint;
use YardCask\Core\Stage\Parts\Joints\PlanJoints;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** How many joints there are and how many of them hold, and what their adapters weigh. */
final class PartsFigures
{
    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $wording = $workings->wording;
        $joints = $workings->of(PlanJoints::class);
        $tight = \count($joints->that(Verdict::Tight));
        $counted = static fn (int $count, string $label): \Closure => static fn (): SumOf => SumOf::same(
            SumTerm::found('n', $wording->text($label), Amount::number($count)),
        );
        $text = new FigureText('parts.figure.joints', 'parts.source.joints');
        $figures->add('parts.joints', $text, (float) \count($joints->all), Unit::One, Kind::Count, $counted(\count($joints->all), 'parts.sum.joints'));
        $text = new FigureText('parts.figure.tight', 'parts.source.tight');
        $figures->add('parts.tight', $text, (float) $tight, Unit::One, Kind::Count, $counted($tight, 'parts.sum.tight'));
        $kg = array_sum(array_map(static fn (PlannedAdapter $adapter): float => $adapter->make->weightKg, self::all($joints)));
        $figures->kg('parts.adapters', new FigureText('parts.figure.adapters', 'parts.source.adapters'), $kg, static fn (): SumOf => SumOf::same(
            SumTerm::found('m', $wording->text('parts.sum.adapters', ['adapters' => self::adapters($joints)]), Amount::kg($kg)),
        ));
    }

    public static function adapters(PlanJoints $joints): int
    {
        return \count(self::all($joints));
    }

    /** @return list<PlannedAdapter> */
    private static function all(PlanJoints $joints): array
    {
        return array_merge(...array_map(static fn (JudgedJoint $one): array => $one->adapters, $joints->all));
    }
}
