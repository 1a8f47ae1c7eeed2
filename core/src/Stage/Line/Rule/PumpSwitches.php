<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\VesselDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\CatalogueName;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A switched pump and its accumulator: a precharge above the cut-in, or too many starts at a trickle. */
final class PumpSwitches implements RuleWithThresholds
{
    private const MOST_VESSELS = 3;

    public static function thresholds(): array
    {
        return ['trickle' => Amount::flow(PumpStarts::TRICKLE_LPM), 'often' => Amount::number(PumpStarts::OFTEN)];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->pumps as $pump) {
            $starts = PumpStarts::of($pump, $line);
            if (null === $starts) {
                continue;
            }
            $vessel = $starts->vessel;
            if (null !== $vessel && $starts->result->stutter) {
                $findings[] = self::stutters($vessel, $starts, $workings);
            }
            $perHour = $starts->result->cyclesPerHour;
            if (null !== $perHour && $perHour > PumpStarts::OFTEN) {
                $why = null === $vessel ? 'line.starts-often.why' : 'line.starts-often.why.vessel';
                $text = new SnagText('line.starts-often.title', $why, [
                    'pump' => $pump->spoken(),
                    'countless' => $perHour > PumpStarts::MOST_STARTS ? 'yes' : 'no',
                    'starts' => Amount::number(min(PumpStarts::MOST_STARTS, round($perHour))),
                    'trickle' => Amount::flow(PumpStarts::TRICKLE_LPM),
                    'vessel' => $vessel?->spoken(),
                    'litres' => Amount::little($starts->result->drawdownL),
                ]);
                $measure = new Measure($perHour, PumpStarts::OFTEN, '');
                $calmer = static fn (): array => self::calmer($starts, $line, $workings);
                $findings[] = new Finding(LineFinding::StartsOften, [$pump->id], $measure, $text, $calmer);
            }
        }

        return $findings;
    }

    private static function stutters(PlannedPart $vessel, PumpStarts $starts, Workings $workings): Finding
    {
        $wantedKpa = $starts->result->recommendedPrechargeKpa;
        $charged = LineDraft::of($workings->plan)->changed($vessel, ['figures' => PartFields::changed($vessel->figures, ['prechargeKpa' => $wantedKpa])]);
        $text = new SnagText('line.stutters.title', 'line.stutters.why', [
            'vessel' => $vessel->spoken(),
            'pressure' => Amount::pressure($starts->input->prechargeKpa),
            'pressure_cut_in' => Amount::pressure($starts->input->cutInKpa),
        ]);
        $measure = new Measure($starts->input->prechargeKpa, $starts->input->cutInKpa, 'kPa');

        return new Finding(LineFinding::Stutters, [$vessel->id], $measure, $text, static fn (): array => [
            new Fix(new Phrase('line.fix.precharge', ['pressure' => Amount::pressure($wantedKpa)]), $charged->patch()),
        ]);
    }

    /** @return list<Fix> a vessel behind the pump, or a larger one, charged for it */
    private static function calmer(PumpStarts $starts, LineWorkings $line, Workings $workings): array
    {
        $fixes = [];
        foreach ($workings->stock->parts(PartKind::Accumulator) as $stock) {
            $volumeL = $stock->figures instanceof VesselFigures ? $stock->figures->volumeL : 0.0;
            $perHour = PumpStarts::of($starts->pump, $line, $volumeL, $starts->result->recommendedPrechargeKpa)?->result->cyclesPerHour;
            $with = null === $perHour || $perHour > PumpStarts::OFTEN ? null : VesselDraft::with($stock, $starts, $workings);
            if (null !== $perHour && null !== $with) {
                $fixes[] = new Fix(new Phrase('line.fix.vessel', [
                    'stock' => new CatalogueName($stock->name),
                    'pressure' => Amount::pressure($starts->result->recommendedPrechargeKpa),
                    'starts' => Amount::number(round($perHour)),
                ]), $with->patch());
            }
        }

        return \array_slice($fixes, 0, self::MOST_VESSELS);
    }
}
