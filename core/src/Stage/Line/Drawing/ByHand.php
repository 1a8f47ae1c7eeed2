<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Heat\Shower;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;

/** What hands and a kettle do, in words. */
final class ByHand
{
    private const CARRIED_L = 20.0;

    /** @return list<string> */
    public static function words(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $words = [];
        foreach ($graph->parts(PartKind::HandPump, PartKind::FootPump) as $pump) {
            if ($pump->figures instanceof PumpFigures && null !== $pump->figures->strokeL) {
                $words[] = self::pump($pump, $pump->figures->strokeL, $workings);
            }
        }
        foreach ($graph->parts(PartKind::Kettle) as $kettle) {
            if ($kettle->figures instanceof HeaterFigures && $kettle->figures->litres > 0 && $kettle->figures->hotC > WarmWater::COMFORT_C) {
                $words[] = self::kettle($kettle, $kettle->figures, $workings);
            }
        }

        return $words;
    }

    /** The strokes to fill the tank that it fills, or for a can's worth at a tap. */
    private static function pump(PlannedPart $pump, float $strokeL, Workings $workings): string
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $to = $graph->beyond($pump, $pump->leavesAt());
        $from = $graph->beyond($pump, $pump->entersAt());
        $liftM = null === $to || null === $from ? null : $to->zM() - $from->zM();
        $litres = $to?->owner instanceof PlannedTank ? $workings->of(TanksWorkings::class)->one($to->owner)->fullL() : self::CARRIED_L;

        return $workings->wording->text('line.by-hand.pump', [
            'pump' => $pump->name,
            'strokes' => (int) ceil($litres / $strokeL - 1e-9),
            'litres' => Amount::litres($litres),
            'fills' => $to?->owner instanceof PlannedTank ? 'yes' : 'no',
            'tank' => $to?->owner instanceof PlannedTank ? $to->owner->name : null,
            'lifted' => null === $liftM || $liftM <= 0 ? 'no' : 'yes',
            'lift' => Amount::distance($liftM ?? 0.0),
        ]);
    }

    /** A kettle that is mixed is a store drawn unmixed; no more is mixed than the header tank holds that it is poured into. */
    private static function kettle(PlannedPart $kettle, HeaterFigures $figures, Workings $workings): string
    {
        $shower = new Shower($figures->litres, $figures->hotC, WarmWater::COLD_C, WarmWater::COMFORT_C, 1.0);
        $mixedL = (float) HeatCalculator::shower($shower)['litres'];
        $headers = array_map(
            static fn (LineEnd $fill): float => $fill->owner instanceof PlannedTank ? $workings->of(TanksWorkings::class)->one($fill->owner)->fullL() : \INF,
            $workings->of(LineWorkings::class)->graph->fills(),
        );
        $madeL = min([$mixedL, ...$headers]);
        $headerL = [] === $headers ? 0.0 : min($headers);

        return $workings->wording->text('line.by-hand.kettle', [
            'kettle' => $kettle->name,
            'full' => $madeL < $mixedL ? 'no' : 'yes',
            'hot' => Amount::temperature($figures->hotC),
            'boiled' => Amount::litres($figures->litres * $madeL / $mixedL),
            'cold' => Amount::litres((1 - $figures->litres / $mixedL) * $madeL),
            'mixed' => Amount::litres($madeL),
            'warm' => Amount::temperature(WarmWater::COMFORT_C),
            'tops' => $headerL > $figures->litres && $headerL < \INF ? 'yes' : 'no',
            'header' => Amount::litres($headerL),
            'mixed_c' => Amount::temperature(
                WarmWater::COLD_C + $figures->litres / max($headerL, $figures->litres) * ($figures->hotC - WarmWater::COLD_C),
            ),
        ]);
    }
}
