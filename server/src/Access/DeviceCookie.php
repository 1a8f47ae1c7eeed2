<?php

declare(strict_types=1);

namespace YardCask\Server\Access;

use Symfony\Component\HttpFoundation\Cookie;

/** The cookie by which a device is known again: sent over TLS, to this server, from its own pages, and read by no script. */
final class DeviceCookie
{
    /** A browser takes a cookie of such a name only if it is secure, for the whole site, and of this host alone. */
    public const NAME = '__Host-yardcask';
    /** No browser keeps one for longer. */
    private const KEPT_FOR = '+400 days';

    public static function of(string $secret): Cookie
    {
        return self::made($secret, new \DateTimeImmutable(self::KEPT_FOR));
    }

    public static function gone(): Cookie
    {
        return self::made('', new \DateTimeImmutable('2000-01-01'));
    }

    private static function made(string $value, \DateTimeImmutable $until): Cookie
    {
        return Cookie::create(self::NAME)->withValue($value)->withExpires($until)->withSecure()->withHttpOnly()->withSameSite(Cookie::SAMESITE_STRICT);
    }
}
