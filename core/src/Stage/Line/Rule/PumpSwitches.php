<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\VesselDraft;
use YardCask\Core\Stage\Line\LineFigures;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\PumpStarts;

/** How a pump with a switch lives with what it feeds: a precharge above its cut-in, or too many starts at a trickle. */
final class PumpSwitches implements Rule
{
    /** Starts an hour that a pressure switch takes for long: one in half a minute. */
    public const OFTEN = 120.0;
    private const MOST_VESSELS = 3;

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($line->graph->pumps as $pump) {
            $starts = PumpStarts::of($pump, $line);
            if (null === $starts) {
                continue;
            }
            $vessel = $starts->vessel;
            if (null !== $vessel && $starts->result->stutter) {
                $wanted = $starts->result->recommendedPrechargeKpa;
                $findings[] = new Finding(LineFinding::Stutters, [$vessel->id], new Measure($starts->input->prechargeKpa, $starts->input->cutInKpa, 'kPa'), \sprintf('%s is empty before the pump starts', $vessel->name), \sprintf('Its precharge of %s lies above the cut-in of %s: the flow stops and comes again.', $say->pressure($starts->input->prechargeKpa), $say->pressure($starts->input->cutInKpa)), static fn (): array => [new Fix(\sprintf('A precharge of %s, with the pump off and a tap open', $say->pressure($wanted)), LineDraft::of($workings->plan)->changed($vessel, ['figures' => PartFields::changed($vessel->figures, ['prechargeKpa' => $wanted])])->patch())]);
            }
            $perHour = $starts->result->cyclesPerHour;
            if (null !== $perHour && $perHour > self::OFTEN) {
                $findings[] = new Finding(LineFinding::StartsOften, [$pump->id], new Measure($perHour, self::OFTEN, ''), \sprintf('%s starts %s times an hour at a trickle', $pump->name, $perHour > LineFigures::MOST_STARTS ? \sprintf('more than %d', LineFigures::MOST_STARTS) : round($perHour)), \sprintf('With a tap that runs %s. %s', $say->flow(PumpStarts::TRICKLE_LPM), null === $vessel ? 'Nothing stores water between its starts but the give of the hoses.' : \sprintf('%s stores %s between them.', $vessel->name, $say->litres($starts->result->drawdownL))), static fn (): array => self::calmer($starts, $line, $workings));
            }
        }

        return $findings;
    }

    /** @return list<Fix> a vessel behind the pump, or a larger one, charged for it */
    private static function calmer(PumpStarts $starts, LineWorkings $line, Workings $workings): array
    {
        $fixes = [];
        foreach ($workings->stock->parts(PartKind::Accumulator) as $stock) {
            $volumeL = $stock->figures instanceof VesselFigures ? $stock->figures->volumeL : 0.0;
            $perHour = PumpStarts::of($starts->pump, $line, $volumeL, $starts->result->recommendedPrechargeKpa)?->result->cyclesPerHour;
            $with = null === $perHour || $perHour > self::OFTEN ? null : VesselDraft::with($stock, $starts, $workings);
            if (null !== $perHour && null !== $with) {
                $fixes[] = new Fix(\sprintf('%s with a precharge of %s: %s starts', $stock->name, $workings->say->pressure($starts->result->recommendedPrechargeKpa), round($perHour)), $with->patch());
            }
        }

        return \array_slice($fixes, 0, self::MOST_VESSELS);
    }
}
