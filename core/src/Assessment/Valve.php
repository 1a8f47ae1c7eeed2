<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** How a stage's valve stands: shut by a stop, half open while something will not work, else open. */
enum Valve: string
{
    case Open = 'open';
    case Half = 'half';
    case Shut = 'shut';

    /** @param list<Finding> $findings of one stage */
    public static function of(array $findings): self
    {
        $severities = array_map(static fn (Finding $finding): Severity => $finding->code->severity(), $findings);

        return \in_array(Severity::Stop, $severities, true) ? self::Shut : (\in_array(Severity::Fix, $severities, true) ? self::Half : self::Open);
    }

    /** The key of what is said of it to those who do not see it. */
    public function word(): string
    {
        return match ($this) {
            self::Open => 'frame.valve.open',
            self::Half => 'frame.valve.half',
            self::Shut => 'frame.valve.shut',
        };
    }
}
