<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Joint\Fit;

/** What comes of a joint, the worst first. */
enum Verdict: string
{
    /** The ends do not go together. */
    case Apart = 'apart';
    /** They go together and will not hold. */
    case Leaks = 'leaks';
    /** Nobody has measured one of them. */
    case Unmeasured = 'unmeasured';
    case Tight = 'tight';

    public static function of(?Fit $fit): self
    {
        return match ($fit) {
            null => self::Unmeasured,
            Fit::No => self::Apart,
            Fit::Leaks => self::Leaks,
            Fit::Fits, Fit::Sealed => self::Tight,
        };
    }

    /** Of several, the one that decides. */
    public static function worst(self ...$all): self
    {
        foreach (self::cases() as $one) {
            if (\in_array($one, $all, true)) {
                return $one;
            }
        }

        return self::Tight;
    }
}
