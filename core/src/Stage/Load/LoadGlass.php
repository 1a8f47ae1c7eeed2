<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;

/** What the sight glass shows of the load: what is left to the limit that is worst, and how the load lies, each at its worst moment. */
final class LoadGlass
{
    /**
     * @param list<Finding> $findings
     *
     * @return list<GlassCell>
     */
    public static function cells(Workings $workings, FigureSheet $figures, array $findings): array
    {
        [$say, $words] = [$workings->say, $workings->words];
        $worst = $workings->of(LoadWorkings::class)->worstLimit();
        $figure = $figures->get('load.'.$worst->name->value.'.least_spare');
        $share = max(0.0, ($worst->limitKg - $worst->onTheRoad->kg) / $worst->limitKg);
        $overs = array_map(static fn (LimitWorking $limit): string => LoadFinding::over($limit->name)->value, $workings->of(LoadWorkings::class)->limits());
        $when = static fn (string $where, string $moment): string => trim($where.', '.$moment, ', ');
        $moment = $worst->onTheRoad->moment;
        $cells = [new GlassCell($figure->id, 'load', 'Payload left', $figure->figure, $figure->symbol, $when(LimitWords::name($worst->name, $words), $moment->inWords($say, $words)), Severity::worstOf($findings, 'load.estimate-tight', ...$overs), min(1.0, $share), min(1.0, 1 / max($share, 1e-9)))];
        $balance = new Balance($workings);
        $side = $balance->side();
        if (null !== $side) {
            $figure = $figures->get('load.side_worst');
            $even = abs($side[0]) < 0.5;
            $cells[] = new GlassCell($figure->id, 'load', ucfirst($words->left()).' against '.$words->right(), ltrim($figure->figure, '−'), $figure->symbol, $even ? 'even' : $when('more '.($side[0] < 0 ? $words->left() : $words->right()), $side[1]->inWords($say, $words)));
        }
        $nose = $balance->leastNose();
        if (null !== $nose) {
            $figure = $figures->get('load.nose_least');
            $cells[] = new GlassCell($figure->id, 'load', 'Nose share', $say->finerFigure($nose[0]), $figure->symbol, $when('of the trailer', $nose[1]->inWords($say, $words)), Severity::worstOf($findings, LoadFinding::NoseLight->value));
        }
        $gm = $balance->leastGm();
        $heel = $balance->heel();
        if (null !== $heel) {
            $figure = $figures->get('load.heel_worst');
            $level = abs($heel[0]) < 0.05;
            $cells[] = new GlassCell($figure->id, 'load', 'Heel', ltrim($figure->figure, '−'), $figure->symbol, $level ? 'upright' : $when('to '.($heel[0] < 0 ? $words->left() : $words->right()), $heel[1]->inWords($words)));
        }
        if (null !== $gm && (null === $heel || null !== Severity::worstOf($findings, LoadFinding::StabilityThin->value))) {
            $figure = $figures->get('load.gm_least');
            $cells[] = new GlassCell($figure->id, 'load', 'Stability left', $figure->figure, $figure->symbol, $gm[1]->inWords($words), Severity::worstOf($findings, LoadFinding::StabilityThin->value));
        }

        return $cells;
    }
}
