<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How a stage’s valve is set: shut by a stop, half open while something will not work, hollow while there is nothing to judge, else open. */
enum Valve: string
{
    case Open = 'open';
    case Half = 'half';
    case Shut = 'shut';
    case NotBegun = 'not_begun';

    /** @param list<Finding> $findings of one stage */
    public static function of(array $findings, bool $isBegun): self
    {
        $severities = array_map(static fn (Finding $finding): Severity => $finding->code->severity(), $findings);

        return match (true) {
            \in_array(Severity::Stop, $severities, true) => self::Shut,
            \in_array(Severity::Fix, $severities, true) => self::Half,
            default => $isBegun ? self::Open : self::NotBegun,
        };
    }

    /** The key of what is said of it to those who do not see it. */
    public function word(): string
    {
        return match ($this) {
            self::Open => 'frame.valve.open',
            self::Half => 'frame.valve.half',
            self::Shut => 'frame.valve.shut',
            self::NotBegun => 'frame.valve.not-begun',
        };
    }
}
