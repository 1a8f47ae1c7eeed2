<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\ReliefFigures;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\HotSection;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A relief valve that opens too early or too late, and a vessel beside one that is too small for the water that is heated. */
final class HeaterRelief implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->hotSections() as $section) {
            if ($section->isShut()) {
                array_push($findings, ...self::reliefs($section, $workings), ...self::vessel($section, $workings));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function reliefs(HotSection $section, Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $coldKpa = $line->highest()->coldKpa[$section->heater->id];
        $weakest = $line->weakest($section);
        $weakestKpa = $weakest->ratingKpa ?? \INF;
        $does = static fn (StockPart $stock): bool => $stock->figures instanceof ReliefFigures
            && $stock->figures->setKpa > $coldKpa
            && $stock->figures->setKpa <= $weakestKpa;
        $findings = [];
        foreach ($section->reliefs as $relief) {
            $setKpa = $relief->figures instanceof ReliefFigures ? $relief->figures->setKpa : 0.0;
            $code = match (true) {
                $setKpa <= $coldKpa => LineFinding::ReliefLow,
                $setKpa > $weakestKpa => LineFinding::ReliefHigh,
                default => null,
            };
            if (null === $code) {
                continue;
            }
            $isLow = LineFinding::ReliefLow === $code;
            $findings[] = new Finding(
                $code,
                [$relief->id],
                new Measure($setKpa, $isLow ? $coldKpa : $weakestKpa, 'kPa'),
                new SnagText($isLow ? 'line.relief-low.title' : 'line.relief-high.title', $isLow ? 'line.relief-low.why' : 'line.relief-high.why', [
                    'relief' => $relief->spoken(),
                    'set' => Amount::pressure($setKpa),
                    'pressure' => Amount::pressure($isLow ? $coldKpa : $weakestKpa),
                    'heater' => $section->heater->spoken(),
                    'part' => $weakest?->subject() ?? '',
                ]),
                static fn (): array => LineFixes::over($workings)->swaps($relief, $does),
                // Too strong a mains is a snag of its own.
                causes: $isLow ? [LineFinding::OverRated->keyOf(array_column($line->graph->parts(PartKind::MainsInlet), 'id'))] : [],
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function vessel(HotSection $section, Workings $workings): array
    {
        $coldKpa = $workings->of(LineWorkings::class)->highest()->coldKpa[$section->heater->id];
        $relievedKpa = $section->relievedKpa();
        if ([] === $section->vessels || null === $relievedKpa || $relievedKpa <= $coldKpa || $section->heatedKpa($coldKpa) <= $relievedKpa) {
            return [];
        }
        $does = static fn (StockPart $stock): bool => $stock->figures instanceof VesselFigures
            && $stock->make->ratingC >= $section->vessels[0]->make->ratingC
            && $section->heatedKpa($coldKpa, $stock->figures) <= $relievedKpa;

        return [self::small($section, $section->vessels[0], $relievedKpa, $does, $workings)];
    }

    /** @param \Closure(StockPart): bool $does */
    private static function small(HotSection $section, PlannedPart $vessel, float $relievedKpa, \Closure $does, Workings $workings): Finding
    {
        $coldKpa = $workings->of(LineWorkings::class)->highest()->coldKpa[$section->heater->id];

        return new Finding(
            LineFinding::VesselSmall,
            [$vessel->id],
            new Measure($section->heatedKpa($coldKpa), $relievedKpa, 'kPa'),
            new SnagText('line.vessel-small.title', 'line.vessel-small.why', [
                'vessel' => $vessel->spoken(),
                'heater' => $section->heater->spoken(),
                'expands' => Amount::little($section->expandsL),
                'pressure' => Amount::pressure($relievedKpa),
            ]),
            static fn (): array => LineFixes::over($workings)->swaps($vessel, $does),
        );
    }
}
