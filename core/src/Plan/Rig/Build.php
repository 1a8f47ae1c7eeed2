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

    /** By what fraction an estimate of an axle is easily out: papers leave out options and fuel, converters forget furniture. */
    public function estimateError(): float
    {
        return match ($this) {
            self::Delivered => 0.04,
            self::Home => 0.08,
        };
    }
}
