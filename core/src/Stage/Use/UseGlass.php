<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;

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
        $wording = $workings->wording;
        $use = $workings->of(UseWorkings::class);
        $aboard = $workings->of(WaterAboard::class);
        $needL = $use->need(Supply::Main)->carryL;
        $scaleL = max($needL, $aboard->usableL, 1.0);
        $short = Severity::worstOf($findings, UseFinding::UseShort->value);
        $less = $aboard->brimmed && $aboard->travelUsableL < $aboard->usableL - 0.5;
        $figure = $figures->get('use.aboard');
        $beside = $wording->text('use.glass.carried.beside', [
            'litres_needed' => Amount::litres($needL),
            'less' => $less ? 'yes' : 'no',
            'litres_travel' => Amount::litres($aboard->travelUsableL),
            'rig' => $workings->plan->load->rig->kind(),
        ]);
        $cells = [
            new GlassCell(
                figureId: $figure->id,
                stage: 'tanks',
                label: $wording->text('use.glass.carried'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $beside,
                severity: $short,
                level: $aboard->usableL / $scaleL,
                mark: $needL / $scaleL,
                permanent: true,
            ),
        ];
        if ($figures->has('use.lasts')) {
            $figure = $figures->get('use.lasts');
            $beside = $wording->text('use.glass.lasts.beside', [
                'stay' => Amount::days($workings->plan->use->days),
                'less' => $less && $figures->has('use.lasts_travel') ? 'yes' : 'no',
                'travel' => $figures->has('use.lasts_travel') ? $figures->get('use.lasts_travel')->figure : '',
            ]);
            $cells[] = new GlassCell(
                figureId: $figure->id,
                stage: 'use',
                label: $wording->text('use.glass.lasts'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $beside,
                severity: $short,
                permanent: true,
            );
        }
        $drinkingL = $use->need(Supply::Drinking)->carryL;
        if ($drinkingL > 0) {
            $figure = $figures->get('tanks.drinking');
            $beside = $wording->text('use.glass.drinking.beside', ['litres' => Amount::litres($drinkingL)]);
            $cells[] = new GlassCell(
                figureId: $figure->id,
                stage: 'use',
                label: $wording->text('use.glass.drinking'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $beside,
                severity: Severity::worstOf($findings, 'use.drinking'),
            );
        }

        return $cells;
    }
}
