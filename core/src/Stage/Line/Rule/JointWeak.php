<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\RatedPeak;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Joints under more pressure than their type holds at that temperature: one finding for the weakest and all others. */
final class JointWeak implements Rule
{
    public function check(Workings $workings): array
    {
        $weak = array_values(
            array_filter(
                $workings->of(LineWorkings::class)->rated(),
                static fn (RatedPeak $rated): bool => null !== $rated->joint && $rated->share() > 1,
            ),
        );
        $worst = $weak[0] ?? null;
        if (null === $worst?->joint || !$worst->subject instanceof LinePipe) {
            return [];
        }

        return [new Finding(
            LineFinding::JointWeak,
            array_map(static fn (RatedPeak $one): string => $one->id(), $weak),
            new Measure(round($worst->peak->kpa()), round($worst->ratingKpa), 'kPa'),
            new SnagText('line.joint-weak.title', 'line.joint-weak.why', [
                'joint' => $worst->joint,
                'pressure' => Amount::pressure($worst->peak->kpa()),
                'pressure_rated' => Amount::pressure($worst->ratingKpa),
                'hot' => Amount::temperature($worst->c),
                'pipe' => $worst->subject->phrase(),
                'mode' => $worst->peak->when(),
                'shocked' => $worst->peak->shockKpa >= 1 ? 'yes' : 'no',
                'shock' => Amount::pressure($worst->peak->shockKpa),
                'others' => \count($weak) - 1,
                'over' => array_map(static fn (RatedPeak $one): Phrase => $one->pipe(), \array_slice($weak, 1)),
            ]),
            static fn (): array => [...self::joined($weak), ...LineFixes::over($workings)->regulators()],
        )];
    }

    /**
     * @param list<RatedPeak> $weak
     *
     * @return list<Fix> the same pipes, joined otherwise
     */
    private static function joined(array $weak): array
    {
        $patches = $ways = [];
        foreach ($weak as $rated) {
            $other = $rated->joint?->stronger();
            if (null !== $other && $rated->subject instanceof LinePipe) {
                $patches[] = PlanPatch::replace(\sprintf('/line/pipes/%d/joint', $rated->subject->index), $other->value);
                $ways[$other->value] = new Phrase('line.joints', ['joint' => $other]);
            }
        }

        return [] === $patches ? [] : [new Fix(new Phrase('line.fix.joints', ['joints' => array_values($ways)]), PlanPatch::all($patches))];
    }
}
