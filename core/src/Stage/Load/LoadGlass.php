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
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Words\Phrase;

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
        $wording = $workings->wording;
        $rig = $workings->plan->load->rig->kind();
        $worst = $workings->of(LoadWorkings::class)->worstLimit();
        $figure = $figures->get('load.'.$worst->name->value.'.least_spare');
        $share = max(0.0, ($worst->limitKg - $worst->onTheRoad->kg) / $worst->limitKg);
        $overs = array_map(static fn (LimitWorking $limit): string => LoadFinding::over($limit->name)->value, $workings->of(LoadWorkings::class)->limits());
        $moment = $worst->onTheRoad->moment;
        $beside = $wording->inASentence(
            new Phrase(
                'load.glass.payload.beside',
                ['limit' => LimitWords::name($worst->name, $workings->rigWords), 'when' => $moment->phrase($rig)],
            ),
        );
        $severity = Severity::worstOf($findings, 'load.estimate-tight', ...$overs);
        $cells = [
            new GlassCell(
                figureId: $figure->id,
                stage: 'load',
                label: $wording->text('load.glass.payload'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $beside,
                severity: $severity,
                level: min(1.0, $share),
                mark: min(1.0, 1 / max($share, 1e-9)),
                permanent: true,
            ),
        ];
        $balance = new Balance($workings);
        $side = $balance->side();
        if (null !== $side) {
            $figure = $figures->get('load.side_worst');
            $beside = $wording->text(
                'load.glass.side.beside',
                ['side' => abs($side[0]) < 0.5 ? 'even' : ($side[0] < 0 ? 'left' : 'right'), 'when' => $side[1]->phrase($rig)],
            );
            $cells[] = new GlassCell($figure->id, 'load', $wording->text('load.glass.side'), ltrim($figure->figure, '−'), $figure->symbol, $beside);
        }
        $nose = $balance->leastNose();
        if (null !== $nose) {
            $figure = $figures->get('load.nose_least');
            $beside = $wording->text('load.glass.nose.beside', ['when' => $nose[1]->phrase($rig)]);
            $cells[] = new GlassCell(
                figureId: $figure->id,
                stage: 'load',
                label: $wording->text('load.glass.nose'),
                figure: $wording->finerFigure($nose[0]),
                symbol: $figure->symbol,
                beside: $beside,
                severity: Severity::worstOf($findings, LoadFinding::NoseLight->value),
            );
        }
        $gm = $balance->leastGm();
        $heel = $balance->heel();
        if (null !== $heel) {
            $figure = $figures->get('load.heel_worst');
            $beside = $wording->text(
                'load.glass.heel.beside',
                ['side' => abs($heel[0]) < 0.05 ? 'even' : ($heel[0] < 0 ? 'left' : 'right'), 'when' => $heel[1]->phrase($rig)],
            );
            $cells[] = new GlassCell($figure->id, 'load', $wording->text('load.glass.heel'), ltrim($figure->figure, '−'), $figure->symbol, $beside);
        }
        if (null !== $gm && (null === $heel || null !== Severity::worstOf($findings, LoadFinding::StabilityThin->value))) {
            $figure = $figures->get('load.gm_least');
            $cells[] = new GlassCell(
                figureId: $figure->id,
                stage: 'load',
                label: $wording->text('load.glass.stability'),
                figure: $figure->figure,
                symbol: $figure->symbol,
                beside: $wording->inASentence($gm[1]->phrase($rig)),
                severity: Severity::worstOf($findings, LoadFinding::StabilityThin->value),
            );
        }

        return $cells;
    }
}
