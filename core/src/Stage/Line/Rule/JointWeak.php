<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\Joint;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\RatedPeak;

/** Joints that can meet more pressure than such joints hold at their temperature: one finding, about the weakest and all others. */
final class JointWeak implements Rule
{
    public function check(Workings $workings): array
    {
        $weak = array_values(array_filter($workings->of(LineWorkings::class)->rated(), static fn (RatedPeak $rated): bool => null !== $rated->joint && $rated->share() > 1));
        $worst = $weak[0] ?? null;
        if (null === $worst?->joint || !$worst->subject instanceof LinePipe) {
            return [];
        }
        $say = $workings->say;
        $shock = $worst->peak->shockKpa >= 1 ? \sprintf(', %s of it the shock of an outlet that is shut at once', $say->pressure($worst->peak->shockKpa)) : '';
        $others = match (\count($weak)) {
            1 => '',
            2 => ' The joints of another pipe are too weak as well.',
            default => \sprintf(' The joints of %s other pipes are too weak as well.', $say::count(\count($weak) - 1)),
        };

        return [new Finding(
            LineFinding::JointWeak,
            array_map(static fn (RatedPeak $one): string => $one->id(), $weak),
            new Measure(round($worst->peak->kpa()), round($worst->ratingKpa), 'kPa'),
            \sprintf('%s would have to hold %s', ucfirst(self::called($worst->joint)), $say->pressure($worst->peak->kpa())),
            \sprintf('At %s such joints usually hold %s. The %s can meet more (%s)%s.%s', $say->temperature($worst->c), $say->pressure($worst->ratingKpa), $worst->subject->words(), lcfirst($worst->peak->mode->word()), $shock, $others),
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
                $ways[$other->value] = self::called($other);
            }
        }

        return [] === $patches ? [] : [new Fix(\sprintf('%s there', ucfirst(implode(' and ', $ways))), PlanPatch::all($patches))];
    }

    private static function called(Joint $joint): string
    {
        return Joint::Screwed === $joint ? 'screwed or soldered joints' : $joint->word();
    }
}
