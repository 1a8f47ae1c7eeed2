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

/** What hands and a kettle do, in words. */
final class ByHand
{
    private const CARRIED_L = 20.0;

    /** @return list<string> */
    public static function words(Workings $workings): array
    {
        $say = $workings->say;
        $graph = $workings->of(LineWorkings::class)->graph;
        $words = [];
        foreach ($graph->parts(PartKind::HandPump, PartKind::FootPump) as $pump) {
            if ($pump->figures instanceof PumpFigures && null !== $pump->figures->strokeL) {
                $to = $graph->beyond($pump, $pump->reversed ? PartPort::In : PartPort::Out);
                $from = $graph->beyond($pump, $pump->reversed ? PartPort::Out : PartPort::In);
                $liftM = null === $to || null === $from ? null : $to->zM() - $from->zM();
                $words[] = \sprintf('%s: %d strokes for %s%s', $pump->name, ceil(self::CARRIED_L / $pump->figures->strokeL), $say->litres(self::CARRIED_L), null === $liftM || $liftM <= 0 ? '' : ', lifted by '.$say->metres($liftM));
            }
        }
        foreach ($graph->parts(PartKind::Kettle) as $kettle) {
            if ($kettle->figures instanceof HeaterFigures && $kettle->figures->hotC > WarmWater::COMFORT_C) {
                // A kettle that is mixed is a store drawn unmixed.
                $litres = (float) HeatCalculator::shower(new Shower($kettle->figures->litres, $kettle->figures->hotC, WarmWater::COLD_C, WarmWater::COMFORT_C, 1.0))['litres'];
                $words[] = \sprintf('%s: full, at %s, with %s of cold it makes %s of %s', $kettle->name, $say->temperature($kettle->figures->hotC), $say->litres($litres - $kettle->figures->litres), $say->litres($litres), $say->temperature(WarmWater::COMFORT_C));
            }
        }

        return $words;
    }
}
