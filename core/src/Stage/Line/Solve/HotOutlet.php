<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Heat\Shower;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\LineWalk;
use YardCask\Core\Stage\Line\Graph\PipeChain;
use YardCask\Core\Stage\Line\LineWorkings;

/** Hot water at one outlet: how long to wait for it, how hot it can get, and how long a shower lasts. */
final readonly class HotOutlet
{
    private function __construct(
        public PlannedPart $part,
        public PlannedPart $heater,
        public HeaterFigures $figures,
        /** @var list<LinePipe> from the heater, the shortest way */
        public array $pipes,
        /** In these pipes. */
        public float $waitL,
        /** At the flow of hot water of the outlet alone; null where nothing comes. */
        public ?float $waitS,
        public float $hottestC,
        /** At its hot port, after any mixing valve, with heat enough. */
        public float $arrivesC,
        /** Of a shower from a store, drawn unmixed; null from an exchanger. */
        public ?float $bestMinutes,
        /** From a store that mixes as it refills. */
        public ?float $leastMinutes,
        /** What an exchanger makes of a trickle, before any mixing valve; null of a store. */
        public ?float $trickleC,
    ) {
    }

    /** @return self|null null where no hot water comes */
    public static function of(PlannedPart $outlet, LineWorkings $line): ?self
    {
        $heater = $line->warm->heaterOf($outlet);
        if (null === $heater || !$heater->figures instanceof HeaterFigures) {
            return null;
        }
        $solved = $line->alone($outlet)->outlets[$outlet->id];
        $way = self::between($heater, $outlet, $line);
        $litres = $way->litres();
        $hotLpm = $solved->lpm * $solved->hotShare;
        [$best, $least] = self::shower($heater->figures, $solved);

        return new self(
            part: $outlet,
            heater: $heater,
            figures: $heater->figures,
            pipes: $way->pipes,
            waitL: $litres,
            waitS: $hotLpm > 1e-6 ? 60 * $litres / $hotLpm : null,
            hottestC: $line->warm->hottestC($outlet),
            arrivesC: $line->warm->atC(new LineEnd($outlet, $outlet->kind->mixes() ? PartPort::Hot : PartPort::In)) ?? WarmWater::COLD_C,
            bestMinutes: $best,
            leastMinutes: $least,
            trickleC: self::atATrickle($heater->figures),
        );
    }

    private static function atATrickle(HeaterFigures $heater): ?float
    {
        return $heater->litres > 0 ? null : min($heater->hotC, HeatCalculator::outletC($heater->watts, WarmWater::COLD_C, PumpStarts::TRICKLE_LPM));
    }

    /** @return array{float|null, float|null} */
    private static function shower(HeaterFigures $heater, SolvedOutlet $outlet): array
    {
        if ($heater->litres <= 0 || $outlet->lpm <= 1e-6) {
            return [null, null];
        }
        $lasts = HeatCalculator::shower(new Shower($heater->litres, $heater->hotC, WarmWater::COLD_C, WarmWater::COMFORT_C, $outlet->lpm));

        return [$lasts['minutes'], $lasts['mixed_minutes']];
    }

    /** From the heater to the outlet, the way that holds least. */
    private static function between(PlannedPart $heater, PlannedPart $outlet, LineWorkings $line): PipeChain
    {
        $best = [];
        $least = null;
        $out = $heater->kind->portsBut($heater->entersAt());
        $arrived = static function (LineEnd $end, LinePipe $pipe, PipeChain $before) use (&$best, &$least, $heater, $outlet, $line): ?array {
            $next = $end->owner;
            if (!$next instanceof PlannedPart || $next === $heater || !$line->warm->isHot($pipe)) {
                return null;
            }
            $way = $before->with($pipe);
            if ($next === $outlet) {
                $least = null === $least || $way->litres() < $least->litres() ? $way : $least;

                return null;
            }
            if (isset($best[$next->id]) && $way->litres() >= $best[$next->id] - 1e-9) {
                return null;
            }
            $best[$next->id] = $way->litres();

            return [$next->kind->ports(), $way];
        };
        LineWalk::from(LineWalk::at($heater, $out, new PipeChain()), $line->graph, $arrived);

        return $least ?? new PipeChain();
    }
}
