<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** How far a hose stretches over what is pushed into it. */
enum HoseWall: string
{
    case Soft = 'soft';
    case Braided = 'braided';
    /** With a wire or a rib in it. */
    case Stiff = 'stiff';

    public function word(): string
    {
        return self::Stiff === $this ? 'with a wire or rib in it' : $this->value;
    }

    /** How much wider than its bore a barb may be, as a fraction of the bore. */
    public function mostStretch(): float
    {
        return match ($this) {
            self::Soft => 0.25,
            self::Braided => 0.20,
            self::Stiff => 0.06,
        };
    }
}
