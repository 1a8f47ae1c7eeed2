<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Component\HttpFoundation\Request;

/** Where a request came in. The web server says so with a parameter that no request can set; without it nobody is let in unasked. */
enum Listener: string
{
    public const PARAMETER = 'YARDCASK_LISTENER';

    /** Reached from this machine alone. */
    case Loopback = 'loopback';
    /** Reached from the workshop's network. */
    case Open = 'open';

    public static function of(Request $request): self
    {
        return self::Loopback->value === $request->server->get(self::PARAMETER) ? self::Loopback : self::Open;
    }
}
