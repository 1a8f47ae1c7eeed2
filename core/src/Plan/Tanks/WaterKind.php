<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** What stands in a tank. */
enum WaterKind: string implements NamedChoice
{
    /** For everything but drinking apart. */
    case Fresh = 'fresh';
    /** Kept apart for drinking. */
    case Drinking = 'drinking';
    /** Used water from sinks and shower. */
    case Waste = 'waste';
    /** Flushed away; emptied apart. */
    case Toilet = 'toilet';

    public function word(): string
    {
        return self::Fresh === $this ? 'fresh water' : $this->value;
    }

    /** Whether uses drain into it. */
    public function takesWaste(): bool
    {
        return self::Waste === $this || self::Toilet === $this;
    }
}
