<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** What the sight glass shows of the need: litres carried, days, drinking apart. */
final class UseGlass
{
    /**
     * @param list<Finding> $findings
     *
     * @return list<GlassCell>
     */
    public static function cells(Workings $workings, FigureSheet $figures, array $findings): array
    {
        [$say, $words] = [$workings->say, $workings->words];
        $use = $workings->of(UseWorkings::class);
        $aboard = $workings->of(WaterAboard::class);
        $needL = $use->need(Supply::Main)->carryL;
        $scaleL = max($needL, $aboard->usableL, 1.0);
        $short = Severity::worstOf($findings, UseFinding::UseShort->value);
        $less = $aboard->brimmed && $aboard->travelUsableL < $aboard->usableL - 0.5;
        $figure = $figures->get('use.aboard');
        $cells = [new GlassCell($figure->id, 'tanks', 'Carried against needed', $figure->figure, $figure->symbol, 'of '.$say->litres($needL).($less ? ', '.$say->litres($aboard->travelUsableL).' '.$words->underway() : ''), $short, $aboard->usableL / $scaleL, $needL / $scaleL)];
        if ($figures->has('use.lasts')) {
            $figure = $figures->get('use.lasts');
            $travel = $less && $figures->has('use.lasts_travel') ? ', '.$figures->get('use.lasts_travel')->figure.' unfilled' : '';
            $cells[] = new GlassCell($figure->id, 'use', 'Lasts', $figure->figure, $figure->symbol, 'of '.$say->days($workings->plan->use->days).$travel, $short);
        }
        $drinkingL = $use->need(Supply::Drinking)->carryL;
        if ($drinkingL > 0) {
            $figure = $figures->get('tanks.drinking');
            $cells[] = new GlassCell($figure->id, 'use', 'Drinking', $figure->figure, $figure->symbol, 'of '.$say->litres($drinkingL), Severity::worstOf($findings, 'use.drinking'));
        }

        return $cells;
    }
}
