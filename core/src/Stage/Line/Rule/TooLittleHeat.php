<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Edit\PoweredHeater;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A store that is too small for one shower, a heater too weak for the flow, and one that has nothing to heat it where the crew stays. */
final class TooLittleHeat implements RuleWithThresholds
{
    /** Cooler than what is comfortable by so much nobody minds. */
    private const NOTHING_K = 2.0;

    public static function thresholds(): array
    {
        return ['comfortable' => Amount::temperature(WarmWater::COMFORT_C - self::NOTHING_K)];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->outlets as $outlet) {
            $hot = HotOutlet::of($outlet, $line);
            if (null !== $hot) {
                array_push($findings, ...self::short($hot, $workings), ...self::cool($hot, $line, $workings));
            }
        }
        foreach ($line->graph->parts(PartKind::StorageHeater, PartKind::Exchanger) as $heater) {
            $figures = $heater->figures;
            if ($figures instanceof HeaterFigures && !PoweredHeater::isPowered($figures, $workings->plan)) {
                $findings[] = self::unpowered($heater, $figures, $workings);
            }
        }

        return $findings;
    }

    /** @return list<Finding> for the longest shower that a store does not last for */
    private static function short(HotOutlet $hot, Workings $workings): array
    {
        $hasLpm = $workings->of(LineWorkings::class)->alone($hot->part)->outlets[$hot->part->id]->lpm;
        if (null === $hot->bestMinutes || PartKind::Shower !== $hot->part->kind) {
            return [];
        }
        $storedL = $hot->bestMinutes * $hasLpm;
        [$wantedL, $use] = [0.0, null];
        foreach ($workings->plan->use->uses as $one) {
            $litres = $one->litres ?? ($one->flowFrom() === $hot->part->id ? $hasLpm : $one->flowLpm ?? 0.0) * ($one->minutes ?? 0.0);
            if ($one->outlet === $hot->part->id && $one->times > 0 && $litres > $wantedL) {
                [$wantedL, $use] = [$litres, $one];
            }
        }
        if (null === $use || $wantedL <= $storedL + 1e-9) {
            return [];
        }
        $does = static fn (HeaterFigures $other): bool => $other->litres > $hot->figures->litres;

        return [new Finding(
            LineFinding::HotShort,
            [$hot->part->id],
            new Measure($storedL, $wantedL, 'L'),
            new SnagText('line.hot-short.title', 'line.hot-short.why', [
                'use' => $use->name,
                'wanted' => Amount::litres($wantedL),
                'stored' => Amount::litres($storedL),
                'heater' => $hot->heater->spoken(),
                'warm' => Amount::temperature(WarmWater::COMFORT_C),
            ]),
            static fn (): array => self::others($hot->heater, $does, $workings),
        )];
    }

    /** @return list<Finding> where the outlet stays cool although it is turned down to the least that it needs */
    private static function cool(HotOutlet $hot, LineWorkings $line, Workings $workings): array
    {
        $solved = $line->alone($hot->part)->outlets[$hot->part->id];
        $lpm = min($solved->lpm, $solved->figures->leastLpm);
        $wantedC = min(WarmWater::COMFORT_C, $hot->hottestC);
        if ($hot->figures->litres > 0 || $solved->isDry() || $solved->hotShare <= 0) {
            return [];
        }
        $c = min($wantedC, HeatCalculator::outletC($hot->figures->watts, WarmWater::COLD_C, $lpm));
        if ($c >= $wantedC - self::NOTHING_K) {
            return [];
        }
        $neededW = $lpm * ($wantedC - WarmWater::COLD_C) / HeatCalculator::outletC(1.0, 0.0, 1.0);
        $does = static fn (HeaterFigures $other): bool => $other->watts > $hot->figures->watts;

        return [new Finding(
            LineFinding::HotCool,
            [$hot->part->id],
            new Measure($c, $wantedC - self::NOTHING_K, '°C'),
            new SnagText('line.hot-cool.title', 'line.hot-cool.why', [
                'outlet' => $hot->part->spoken(),
                'gets' => Amount::temperature($c),
                'flow' => Amount::flow($lpm),
                'heater' => $hot->heater->spoken(),
                'has' => number_format($hot->figures->watts / 1000, 1),
                'needs' => number_format($neededW / 1000, 1),
                'warm' => Amount::temperature($wantedC),
            ]),
            static fn (): array => self::others($hot->heater, $does, $workings),
        )];
    }

    private static function unpowered(PlannedPart $heater, HeaterFigures $figures, Workings $workings): Finding
    {
        $does = static fn (HeaterFigures $other): bool => ($figures->litres > 0) === ($other->litres > 0);

        return new Finding(
            LineFinding::HeaterUnpowered,
            [$heater->id],
            new Measure(0.0, 1.0, ''),
            new SnagText('line.heater-unpowered.title', 'line.heater-unpowered.why', ['heater' => $heater->spoken(), 'source' => $figures->source]),
            static fn (): array => self::others($heater, $does, $workings),
        );
    }

    /**
     * @param \Closure(HeaterFigures): bool $does
     *
     * @return list<Fix> other heaters, of those that the rig can heat
     */
    private static function others(PlannedPart $heater, \Closure $does, Workings $workings): array
    {
        return LineFixes::over($workings)->swaps($heater, static fn (StockPart $stock): bool => $stock->figures instanceof HeaterFigures
            && PoweredHeater::isPowered($stock->figures, $workings->plan)
            && $does($stock->figures));
    }
}
