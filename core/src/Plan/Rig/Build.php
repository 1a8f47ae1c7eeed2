<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\NamedChoice;

/** Who built the rig that has not been weighed: it says how far an estimate may be out. */
enum Build: string implements NamedChoice
{
    case Delivered = 'delivered';
    case Home = 'home';

    public function word(): string
    {
        return match ($this) {
            self::Delivered => 'as delivered',
            self::Home => 'converted at home',
        };
    }

    /** The usual error of an estimated axle load, as a fraction: papers leave out options and fuel, and converters forget furniture. */
    public function estimateError(): float
    {
        return match ($this) {
            self::Delivered => 0.04,
            self::Home => 0.08,
        };
    }
}
