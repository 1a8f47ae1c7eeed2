<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\SnagText;

/** A note happened later than now: the clock of its device is wrong, and with it the order of the notes. */
final class NoteAhead implements Rule
{
    /** Clocks that nobody has set differ by minutes. */
    private const HOURS = 1.0;
    private const SECONDS_PER_HOUR = 3600;

    public function check(Workings $workings): array
    {
        if (null === $workings->at || null === $workings->records->latest) {
            return [];
        }
        $latest = new \DateTimeImmutable($workings->records->latest);
        $ahead = ($latest->getTimestamp() - $workings->at->getTimestamp()) / self::SECONDS_PER_HOUR;
        if ($ahead <= self::HOURS) {
            return [];
        }

        return [new Finding(
            UseFinding::NoteAhead,
            [],
            new Measure($ahead, self::HOURS, 'h'),
            new SnagText('use.note-ahead.title', 'use.note-ahead.why', ['dated' => $latest->format('j F Y, H:i')]),
            static fn (): array => [],
        )];
    }
}
