<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Joint\End;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** An end as it reads in a sentence, in the plan's units. */
final class EndWords
{
    public static function of(?PortEnd $end): Phrase
    {
        return match (true) {
            null === $end => new Phrase('parts.end.unsaid'),
            null === $end->end => new Phrase('parts.end.typed', ['typed' => (string) $end]),
            default => self::known($end->end),
        };
    }

    private static function known(End $end): Phrase
    {
        return match ($end->system) {
            EndSystem::Thread => new Phrase('parts.end.thread', ['size' => (string) $end->size, 'standard' => $end->standard, 'sex' => $end->sex]),
            EndSystem::Hose => new Phrase('parts.end.hose', ['across' => Amount::diameter((float) $end->innerMm), 'wall' => $end->wall]),
            EndSystem::Crimp, EndSystem::CrimpTube => new Phrase('parts.end.crimp', ['system' => $end->system, 'nominal' => (string) $end->nominal]),
            EndSystem::Grommet => new Phrase('parts.end.grommet', ['across' => Amount::diameter((float) $end->outerMm)]),
            EndSystem::Own => new Phrase('parts.end.own', ['family' => (string) $end->family, 'side' => $end->side]),
            default => new Phrase('parts.end.across', ['system' => $end->system, 'across' => Amount::diameter((float) $end->outerMm)]),
        };
    }
}
