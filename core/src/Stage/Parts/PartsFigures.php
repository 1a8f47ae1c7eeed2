<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Parts\Joints\JointSummary;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** How many joints there are and how many of them hold, and what their adapters weigh. */
final class PartsFigures
{
    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $wording = $workings->wording;
        $joints = $workings->of(JointSummary::class);
        [$all, $tight, $kg] = [$joints->all(), $joints->count(Verdict::Tight), $joints->adaptersKg];
        $counted = static fn (int $count, string $label): \Closure => static fn (): SumOf => SumOf::same(
            SumTerm::found('n', $wording->text($label), Amount::number($count)),
        );
        $text = new FigureText('parts.figure.joints', 'parts.source.joints');
        $figures->add('parts.joints', $text, (float) $all, Unit::One, Kind::Count, $counted($all, 'parts.sum.joints'));
        $text = new FigureText('parts.figure.tight', 'parts.source.tight');
        $figures->add('parts.tight', $text, (float) $tight, Unit::One, Kind::Count, $counted($tight, 'parts.sum.tight'));
        $figures->kg('parts.adapters', new FigureText('parts.figure.adapters', 'parts.source.adapters'), $kg, static fn (): SumOf => SumOf::same(
            SumTerm::found('m', $wording->text('parts.sum.adapters', ['adapters' => $joints->adapters]), Amount::kg($kg)),
        ));
    }
}
