<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PartIds;
use YardCask\Core\Record\NotedPart;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\SnagText;

/** Notes are about something that has been removed from the plan: nobody comes upon them there any more. */
final class NoteOrphaned implements Rule
{
    public function check(Workings $workings): array
    {
        $noted = $workings->records->noted;
        if ([] === $noted) {
            return [];
        }
        $known = array_flip(PartIds::of($workings->plan));
        $gone = array_values(array_filter($noted, static fn (NotedPart $part): bool => !isset($known[$part->id])));
        if ([] === $gone) {
            return [];
        }

        return [new Finding(
            UseFinding::NoteOrphaned,
            [],
            new Measure((float) \count($gone), 0.0, ''),
            new SnagText('use.note-orphaned.title', 'use.note-orphaned.why', ['names' => array_map(static fn (NotedPart $part): string => $part->name, $gone)]),
            static fn (): array => [],
        )];
    }
}
