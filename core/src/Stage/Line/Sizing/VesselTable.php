<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\VesselDraft;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\CatalogueName;
use YardCask\Core\Words\Phrase;

/** Every accumulator in the catalogue behind a pump, with the right precharge. */
final class VesselTable
{
    /** @return list<SizingTable> none for a pump without a switch */
    public static function of(PlannedPart $pump, SizingWork $work): array
    {
        $wording = $work->wording;
        $now = PumpStarts::of($pump, $work->line);
        if (null === $now) {
            return [];
        }
        $charge = $now->result->recommendedPrechargeKpa;
        $rows = [];
        foreach ($work->stock->parts(PartKind::Accumulator) as $stock) {
            if (!$stock->figures instanceof VesselFigures) {
                continue;
            }
            // The one that is there as it is charged, every other as it should be.
            $isThere = $stock->id === $now->vessel?->stock;
            $with = $isThere ? $now : PumpStarts::of($pump, $work->line, $stock->figures->volumeL, $charge);
            $perHour = $with?->result->cyclesPerHour;
            if (null === $with || null === $perHour) {
                continue;
            }
            $does = $perHour <= PumpStarts::OFTEN;
            $draft = VesselDraft::with($stock, $now, $work->workings);
            if (null === $draft) {
                return [];
            }
            $label = new Phrase('line.fix.accumulator', ['stock' => new CatalogueName($stock->name), 'pump' => $pump->spoken()]);
            $cells = [
                (string) round($perHour),
                $wording->litres($with->result->drawdownL),
                $wording->pressure($with->input->prechargeKpa),
                $wording->kg($stock->make->weightKg),
                (string) round($stock->make->price),
            ];
            $fix = $isThere ? null : new Fix($label, $draft->patch());
            $rows[] = new SizingCandidate($stock->make->price, $wording->catalogueName($stock->name), $cells, $does, $fix);
        }

        $wanted = $wording->text('line.sizing.vessel', ['starts' => (string) PumpStarts::OFTEN, 'trickle' => Amount::flow(PumpStarts::TRICKLE_LPM)]);
        $columns = $work->columns(
            [
                'line.sizing.column.starts',
                'line.sizing.column.drawdown',
                'line.sizing.column.precharge',
                'line.sizing.column.weight',
                'line.sizing.column.price',
            ],
        );

        $title = $wording->text('line.sizing.vessel.title', ['pump' => $pump->spoken()]);

        return [SizingTable::cheapestFirst('vessel-'.$pump->id, $title, $wanted, $columns, $rows, $work)];
    }
}
