<?php

declare(strict_types=1);

namespace YardCask\Server;

use Symfony\Component\Clock\Clock as SystemClock;

/** The time that counts here, in UTC; tests put another clock in its place. */
final class Clock
{
    public static function now(): \DateTimeImmutable
    {
        return SystemClock::get()->now()->setTimezone(new \DateTimeZone('UTC'));
    }
}
