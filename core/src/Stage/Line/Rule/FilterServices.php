<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Stage\Line\Edit\FlowFixes;
use YardCask\Core\Stage\Line\FilterService;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Water goes through a filter faster than it is rated for, it is used up before the stay is, or it takes the disinfectant out of what is stored. */
final class FilterServices implements RuleWithThresholds
{
    /** Of its rating: a little over it is no harm. */
    private const OVER = 1.1;

    public static function thresholds(): array
    {
        return ['over_rated' => Amount::share(self::OVER - 1)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->graph->parts(PartKind::Filter) as $part) {
            $service = FilterService::of($part, $workings);
            if (null !== $service) {
                array_push($findings, ...array_filter([
                    self::tooFast($service, $workings),
                    self::usedUp($service, $workings),
                    self::beforeStorage($service, $workings),
                ]));
            }
        }

        return $findings;
    }

    private static function tooFast(FilterService $service, Workings $workings): ?Finding
    {
        $ratedLpm = $service->figures->ratedLpm;
        if ($service->mostLpm <= self::OVER * $ratedLpm) {
            return null;
        }

        return new Finding(
            LineFinding::FilterFast,
            [$service->part->id],
            new Measure(round($service->mostLpm, 1), $ratedLpm, 'L/min'),
            new SnagText('line.filter-fast.title', 'line.filter-fast.why', [
                'filter' => $service->part->spoken(),
                'flow' => Amount::flow($service->mostLpm),
                'flow_rated' => Amount::flow($ratedLpm),
            ]),
            static fn (): array => [
                ...FlowFixes::toTap($service->part, $workings),
                ...FlowFixes::otherFilters(
                    $service->part,
                    static fn (FilterFigures $other): bool => self::OVER * $other->ratedLpm >= $service->mostLpm,
                    $workings,
                ),
            ],
        );
    }

    private static function usedUp(FilterService $service, Workings $workings): ?Finding
    {
        $stayL = $service->litresADay() * $workings->plan->use->days;
        if ($stayL <= $service->figures->lifeL) {
            return null;
        }

        return new Finding(
            LineFinding::FilterUsedUp,
            [$service->part->id],
            new Measure($stayL, $service->figures->lifeL, 'L'),
            new SnagText('line.filter-used-up.title', 'line.filter-used-up.why', [
                'filter' => $service->part->spoken(),
                'passes' => $service->passes(),
                'litres' => Amount::litres($stayL),
                'litres_life' => Amount::litres($service->figures->lifeL),
                'lasts' => Amount::days($service->days()),
            ]),
            static fn (): array => FlowFixes::otherFilters($service->part, static fn (FilterFigures $other): bool => $other->lifeL >= $stayL, $workings),
        );
    }

    private static function beforeStorage(FilterService $service, Workings $workings): ?Finding
    {
        if (true !== $service->figures->takesDisinfectant || null === $service->storedIn) {
            return null;
        }

        return new Finding(
            LineFinding::FilterBeforeStorage,
            [$service->part->id],
            new Measure(1.0, 0.0, ''),
            new SnagText('line.filter-before-storage.title', 'line.filter-before-storage.why', [
                'filter' => $service->part->spoken(),
                'tank' => $service->storedIn->name,
            ]),
            static fn (): array => FlowFixes::toTap($service->part, $workings),
        );
    }
}
