<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What comes of two ends that are put together. */
enum Fit: string
{
    /** Tight as it is. */
    case Fits = 'fits';
    /** Tight with what is named. */
    case Sealed = 'sealed';
    /** They go together and will not hold. */
    case Leaks = 'leaks';
    case No = 'no';

    public function isTight(): bool
    {
        return self::Fits === $this || self::Sealed === $this;
    }
}
