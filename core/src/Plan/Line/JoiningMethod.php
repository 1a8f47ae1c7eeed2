<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;

/**
 * How the ends of a pipe are joined.
 *
 * What a joint holds is what makers of such joints usually promise, on the safe side; what stands on one’s own has the last word.
 */
enum JoiningMethod: string implements NamedChoice
{
    case Clamp = 'clamp';
    case Push = 'push';
    /** A ring that is pressed on once: over a pipe on its spigot, or over a hose on its barb. */
    case Crimp = 'crimp';
    case Compression = 'compression';
    case Solvent = 'solvent';
    case Screwed = 'screwed';

    private const COLD_C = 20.0;
    private const HOT_C = 90.0;

    public function word(): string
    {
        return match ($this) {
            self::Clamp => 'screwed hose clamps',
            self::Push => 'push-fits',
            self::Crimp => 'crimped rings',
            self::Compression => 'compression fittings',
            self::Solvent => 'solvent cement',
            self::Screwed => 'screwed or soldered',
        };
    }

    /** In kPa, straight between 20 and 90 °C, not beyond. */
    public function holdsKpa(float $c): float
    {
        [$coldKpa, $hotKpa] = match ($this) {
            self::Clamp => [800.0, 300.0],
            self::Push => [1000.0, 400.0],
            self::Crimp => [1000.0, 600.0],
            self::Solvent => [1000.0, 200.0],
            self::Compression, self::Screwed => [1600.0, 1000.0],
        };

        return $coldKpa - ($coldKpa - $hotKpa) * min(1.0, max(0.0, ($c - self::COLD_C) / (self::HOT_C - self::COLD_C)));
    }

    /** What the same pipe can have instead that holds more; null where nothing does. */
    public function stronger(): ?self
    {
        return match ($this) {
            self::Clamp => self::Crimp,
            self::Push, self::Crimp, self::Solvent => self::Screwed,
            self::Compression, self::Screwed => null,
        };
    }
}
