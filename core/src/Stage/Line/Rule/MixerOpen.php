<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** A mixer whose hot side leads to nothing. */
final class MixerOpen implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->outlets as $mixer) {
            $cold = $mixer->kind->mixes() ? $graph->pipeAt($mixer, PartPort::Cold) : null;
            $hot = $graph->beyond($mixer, PartPort::Hot)?->owner;
            if (null === $cold || ($hot instanceof PlannedPart ? !\in_array($hot->kind, [PartKind::Cap, PartKind::FreeEnd], true) : null !== $hot)) {
                continue;
            }
            $findings[] = new Finding(LineFinding::MixerOpen, [$mixer->id], new Measure(1.0, 0.0, ''), \sprintf('The hot side of %s is %s', $mixer->name, null === $hot ? 'open' : 'capped'), null === $hot ? 'Cold water comes through the mixer and out of the open tail. Without hot water both tails take cold.' : 'Water stands in the capped tail and turns. Without hot water both tails take cold.', static fn (): array => self::bothCold($mixer, $cold->pipe, $hot instanceof PlannedPart ? $hot : null, $workings));
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function bothCold(PlannedPart $mixer, PlannedPipe $cold, ?PlannedPart $capped, Workings $workings): array
    {
        $tee = LineFixes::over($workings)->first(LineFixes::byBore('tee', $cold));
        if (null === $tee) {
            return [];
        }
        $draft = LineDraft::of($workings->plan);
        $draft = null === $capped ? $draft : $draft->without($capped);

        return [new Fix(\sprintf('Cold water to both sides of %s', $mixer->name), $draft->branchedTo($cold, $tee, $mixer->port(PartPort::Hot))->patch())];
    }
}
