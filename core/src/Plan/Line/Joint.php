<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;

/**
 * How the ends of a pipe are joined.
 *
 * What a joint holds is what makers of such joints usually promise, on the safe side; what stands on one’s own has the last word.
 */
enum Joint: string implements NamedChoice
{
    case Clamp = 'clamp';
    case Push = 'push';
    case Crimp = 'crimp';
    case Screwed = 'screwed';

    private const COLD_C = 20.0;
    private const HOT_C = 90.0;

    public function word(): string
    {
        return match ($this) {
            self::Clamp => 'screwed hose clamps',
            self::Push => 'push-fits',
            self::Crimp => 'crimped rings',
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
            self::Screwed => [1600.0, 1000.0],
        };

        return $coldKpa - ($coldKpa - $hotKpa) * min(1.0, max(0.0, ($c - self::COLD_C) / (self::HOT_C - self::COLD_C)));
    }

    /** What the same pipe can have instead that holds more; null where nothing does. */
    public function stronger(): ?self
    {
        return match ($this) {
            self::Clamp => self::Crimp,
            self::Push, self::Crimp => self::Screwed,
            self::Screwed => null,
        };
    }
}
