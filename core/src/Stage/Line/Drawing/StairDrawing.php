<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Schematic;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Wording;

/** The pressure stair of an outlet. */
final class StairDrawing
{
    /** What takes less is not written beside its step. */
    private const NOTHING_KPA = 1.0;
    private const MOST_TICKS = 5;
    private const LEAST_HIGH_KPA = 10.0;

    public static function of(SolvedOutlet $outlet, SolvedLine $solved, LineGraph $graph, Wording $wording): PressureStair
    {
        $raw = [];
        foreach (WaterPath::to($outlet->part, $solved, $graph)->ends as $end) {
            $element = Schematic::element($end);
            $kpa = $solved->kpa($end) ?? 0.0;
            $raw[$element] = [$raw[$element][0] ?? $kpa, $kpa, $end];
        }
        if (isset($raw[$outlet->part->id])) {
            $raw[$outlet->part->id][1] = $outlet->kpa;
        }
        $most = [] === $raw ? 0.0 : max(array_map(static fn (array $step): float => $step[0] - $step[1], $raw));
        $steps = [];
        foreach ($raw as $element => [$in, $out, $end]) {
            $lost = $in - $out;
            $isTold = abs($lost) >= self::NOTHING_KPA && $end->owner instanceof PlannedPart;
            $steps[] = new StairStep(
                $element,
                $in,
                $out,
                $isTold ? ($lost < 0 ? '+' : '−').$wording->pressureFigure(abs($lost)) : '',
                $most >= self::NOTHING_KPA && $lost === $most,
            );
        }
        $highest = max([self::LEAST_HIGH_KPA, ...array_column($raw, 0), ...array_column($raw, 1)]);

        $title = $wording->text('line.stair.title', ['outlet' => $outlet->part->spoken(), 'unit' => $wording->pressureSymbol()]);

        return new PressureStair($outlet->part->id, $title, $steps, self::ticks($highest, $wording), $wording->pressure($outlet->kpa));
    }

    /** @return list<StairTick> round in the plan's unit */
    private static function ticks(float $highestKpa, Wording $wording): array
    {
        $kpaPerUnit = $wording->kpaPerUnit();
        $highest = $highestKpa / $kpaPerUnit;
        $step = 10 ** floor(log10($highest / self::MOST_TICKS));
        foreach ([1, 2, 5, 10] as $factor) {
            if ($highest <= self::MOST_TICKS * $step * $factor) {
                $step *= $factor;
                break;
            }
        }
        $ticks = [];
        for ($number = 0; ($number - 1) * $step < $highest; ++$number) {
            $ticks[] = new StairTick($number * $step * $kpaPerUnit, rtrim(rtrim(number_format($number * $step, 2, '.', ''), '0'), '.'));
        }

        return $ticks;
    }
}
