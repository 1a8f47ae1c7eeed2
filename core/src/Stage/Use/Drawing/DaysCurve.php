<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** Litres to carry against days, with the band of the likely spread, and what is aboard. */
final readonly class DaysCurve implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<Tick> $ticks
     * @param list<CurvePoint> $points two, between which every line is straight
     */
    private function __construct(
        public float $days,
        public float $toDays,
        public float $neededL,
        public float $usableL,
        public float $lastsDays,
        public float $toL,
        #[ListOf(Tick::class)]
        public array $ticks,
        #[ListOf(CurvePoint::class)]
        public array $points,
    ) {
    }

    public static function of(Workings $workings): self
    {
        $use = $workings->of(UseWorkings::class);
        $days = $workings->plan->use->days;
        $usableL = $workings->of(WaterAboard::class)->usableL;
        $lasts = $use->lastsDays($usableL) ?? 0.0;
        $toDays = max($days * 1.4, min($lasts * 1.15, $days * 2.5));
        $points = array_map(static function (float $at) use ($use): CurvePoint {
            $need = $use->needFor($at, Supply::Main);

            return new CurvePoint($at, $need->carryL, $need->lowL, $need->highL);
        }, [0.001 * $toDays, $toDays]);
        $toL = max($points[1]->high, $usableL) * 1.05;

        return new self(
            days: $days,
            toDays: $toDays,
            neededL: $use->need(Supply::Main)->carryL,
            usableL: $usableL,
            lastsDays: $lasts,
            toL: $toL,
            ticks: self::ticks($toL, $workings->plan->units->volume),
            points: $points,
        );
    }

    /** @return list<Tick> three to six round figures up to $toL, in the plan's unit */
    private static function ticks(float $toL, Unit $unit): array
    {
        $top = Quantity::of($toL, Unit::Litre)->in($unit);
        if ($top <= 0) {
            return [];
        }
        $decade = 10 ** floor(log10($top / 3));
        $step = $decade * ($top / $decade > 20 ? 5 : ($top / $decade > 10 ? 2.5 : ($top / $decade > 6 ? 2 : 1)));
        $ticks = [];
        for ($at = $step; $at <= $top; $at += $step) {
            $ticks[] = new Tick(Quantity::of($at, $unit)->in(Unit::Litre), rtrim(rtrim(number_format($at, 2, '.', ''), '0'), '.'));
        }

        return $ticks;
    }
}
