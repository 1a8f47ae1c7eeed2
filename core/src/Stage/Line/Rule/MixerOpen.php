<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A mixer whose hot side leads to nothing. */
final class MixerOpen implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

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
            $text = new SnagText(
                null === $hot ? 'line.mixer-open.title' : 'line.mixer-open.title.capped',
                null === $hot ? 'line.mixer-open.why' : 'line.mixer-open.why.capped',
                ['mixer' => $mixer->spoken()],
            );
            $capped = $hot instanceof PlannedPart ? $hot : null;
            $findings[] = new Finding(
                LineFinding::MixerOpen,
                [$mixer->id],
                new Measure(1.0, 0.0, ''),
                $text,
                static fn (): array => self::bothCold($mixer, $cold->pipe, $capped, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function bothCold(PlannedPart $mixer, PlannedPipe $cold, ?PlannedPart $capped, Workings $workings): array
    {
        $tee = $workings->stock->usual(UsualFor::Tee, $cold->tube);
        if (null === $tee) {
            return [];
        }
        $draft = LineDraft::of($workings->plan);
        $draft = null === $capped ? $draft : $draft->without($capped);

        return [
            new Fix(
                new Phrase('line.fix.both-cold', ['mixer' => $mixer->spoken()]),
                $draft->branchedTo($cold, $tee, $mixer->port(PartPort::Hot))->patch(),
            ),
        ];
    }
}
