<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Heat\Shower;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;

/** What hands and a kettle do, in words. */
final class ByHand
{
    private const CARRIED_L = 20.0;

    /** @return list<string> */
    public static function words(Workings $workings): array
    {
        $wording = $workings->wording;
        $graph = $workings->of(LineWorkings::class)->graph;
        $words = [];
        foreach ($graph->parts(PartKind::HandPump, PartKind::FootPump) as $pump) {
            if ($pump->figures instanceof PumpFigures && null !== $pump->figures->strokeL) {
                $to = $graph->beyond($pump, $pump->reversed ? PartPort::In : PartPort::Out);
                $from = $graph->beyond($pump, $pump->reversed ? PartPort::Out : PartPort::In);
                $liftM = null === $to || null === $from ? null : $to->zM() - $from->zM();
                $words[] = $wording->text('line.by-hand.pump', [
                    'pump' => $pump->name,
                    'strokes' => (int) ceil(self::CARRIED_L / $pump->figures->strokeL),
                    'litres' => Amount::litres(self::CARRIED_L),
                    'lifted' => null === $liftM || $liftM <= 0 ? 'no' : 'yes',
                    'lift' => Amount::distance($liftM ?? 0.0),
                ]);
            }
        }
        foreach ($graph->parts(PartKind::Kettle) as $kettle) {
            if ($kettle->figures instanceof HeaterFigures && $kettle->figures->hotC > WarmWater::COMFORT_C) {
                // A kettle that is mixed is a store drawn unmixed.
                $litres = (float) HeatCalculator::shower(
                    new Shower($kettle->figures->litres, $kettle->figures->hotC, WarmWater::COLD_C, WarmWater::COMFORT_C, 1.0),
                )['litres'];
                $words[] = $wording->text('line.by-hand.kettle', [
                    'kettle' => $kettle->name,
                    'hot' => Amount::temperature($kettle->figures->hotC),
                    'cold' => Amount::litres($litres - $kettle->figures->litres),
                    'mixed' => Amount::litres($litres),
                    'warm' => Amount::temperature(WarmWater::COMFORT_C),
                ]);
            }
        }

        return $words;
    }
}
