<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\MixingFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;

/** Hot water that scalds, or that one waits for. */
final class HotWater implements Rule
{
    /** Above it skin scalds within a minute or so. Source: Moritz and Henriques (1947). */
    private const SCALDS_C = 50.0;
    private const WAIT_L = 1.0;
    /** What mixing valves before taps and showers are set to. */
    private const MIXED_C = [38.0, 48.0];

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($line->graph->outlets as $part) {
            $hot = HotOutlet::of($part, $line);
            if (null === $hot) {
                continue;
            }
            if ($hot->hottestC > self::SCALDS_C) {
                $findings[] = new Finding(LineFinding::Scald, [$part->id], new Measure($hot->hottestC, self::SCALDS_C, '°C'), \sprintf('%s can run %s hot', $part->name, $say->temperature($hot->hottestC)), \sprintf('Skin scalds within seconds, a child’s sooner, and %s. A mixing valve set between %s and %s stops it; what is allowed at a tap your local rules say.', $hot->figures->litres > 0 ? $hot->heater->name.' holds it so' : 'the less is drawn the hotter it comes from '.$hot->heater->name, ...array_map($say->temperature(...), self::MIXED_C)), static fn (): array => self::mixing($hot, $line, $workings));
            }
            if ($hot->waitL > self::WAIT_L) {
                $findings[] = new Finding(LineFinding::DeadLeg, [$part->id], new Measure($hot->waitL, self::WAIT_L, 'L'), \sprintf('%s run away before %s is warm', ucfirst($say->litres($hot->waitL)), $part->name), \sprintf('So much stands in the pipes from %s%s; each time it goes cold.', $hot->heater->name, null === $hot->waitS ? '' : ', '.round($hot->waitS).' s of it'), static fn (): array => self::thinner($part, $line, $workings));
            }
        }

        return $findings;
    }

    /** @return list<Fix> the mixing valve that lets it through so hot set to less, else one behind the heater */
    private static function mixing(HotOutlet $hot, LineWorkings $line, Workings $workings): array
    {
        $toC = self::MIXED_C[1];
        $set = [];
        foreach ($line->graph->parts(PartKind::MixingValve) as $valve) {
            if ($valve->figures instanceof MixingFigures && abs($valve->figures->setC - $hot->hottestC) < 1e-9) {
                $set[] = new Fix(\sprintf('Set %s to %s', $valve->name, $workings->say->temperature($toC)), LineDraft::of($workings->plan)->changed($valve, ['figures' => PartFields::changed($valve->figures, ['setC' => $toC])])->patch());
            }
        }

        return [] === $set ? self::withValve($hot, $line, $workings) : $set;
    }

    /** @return list<Fix> a mixing valve behind the heater, with cold from before it */
    private static function withValve(HotOutlet $hot, LineWorkings $line, Workings $workings): array
    {
        $fixes = LineFixes::over($workings);
        $graph = $line->graph;
        $out = $graph->pipeAt($hot->heater, $hot->heater->reversed ? PartPort::In : PartPort::Out)?->pipe;
        [$valve, $tee, $hose] = [$fixes->first(['mixing-48', 'mixing-43']), $fixes->first(['tee-12']), $workings->stock->pipe('pipe-cross-16')];
        $before = array_values(array_filter(SourceSide::partsBefore($hot->heater, $hot->heater->reversed ? PartPort::Out : PartPort::In, $graph), static fn (PlannedPart $part): bool => PartKind::NonReturn === $part->kind));
        $cold = [] === $before ? $graph->pipeAt($hot->heater, PartPort::In)?->pipe : $graph->pipeAt($before[0], $before[0]->reversed ? PartPort::Out : PartPort::In)?->pipe;
        if (null === $out || null === $valve || null === $tee || null === $hose || null === $cold) {
            return [];
        }
        [$part, $draft] = LineDraft::of($workings->plan)->withNew($valve);
        $heaterOut = $hot->heater->port($hot->heater->reversed ? PartPort::In : PartPort::Out);
        $far = $out->from === $heaterOut ? $out->to : $out->from;
        $draft = $draft->withoutPipes([$out])->joined($heaterOut, $part->port(PartPort::Hot), $hose)->joined($part->port(PartPort::Out), $far, $hose)->branchedTo($cold, $tee, $part->port(PartPort::Cold));

        return [new Fix(\sprintf('%s behind %s', $valve->name, $hot->heater->name), $draft->patch())];
    }

    /** @return list<Fix> */
    private static function thinner(PlannedPart $part, LineWorkings $line, Workings $workings): array
    {
        $path = WaterPath::to($part, $line->alone($part), $line->graph);
        $hot = array_values(array_filter($path->pipes, static fn (LinePipe $pipe): bool => $line->warm->isHot($pipe)));
        $widest = max([0.0, ...array_map(static fn (LinePipe $pipe): float => $pipe->pipe->tube->boreMm, $hot)]);

        return LineFixes::over($workings)->otherPipe(array_map(static fn (LinePipe $pipe): PlannedPipe => $pipe->pipe, $hot), static fn (StockPipe $stock): bool => $stock->tube->boreMm < $widest - 2 && $stock->tube->boreMm >= 9 && $stock->tube->make->ratingC >= 80 && $stock->tube->make->foodGrade, 'from the heater');
    }
}
