<?php

declare(strict_types=1);

namespace YardCask\Server;

/** The operating settings of deploy/settings.env, as far as the server needs them. */
final class Settings
{
    /** The largest request body that is read, in bytes. */
    public static function maxBodyBytes(): int
    {
        return 1024 * self::number('MAX_BODY_KB');
    }

    /** What must stay free on the disk after a write, in bytes. */
    public static function diskReserveBytes(): int
    {
        return 1024 * 1024 * self::number('DISK_RESERVE_MB');
    }

    /** After which a search ends with what it has found, in seconds. */
    public static function searchLimitS(): int
    {
        return self::number('SEARCH_LIMIT_S');
    }

    /** What computes longer is given up, in seconds. */
    public static function requestTimeoutS(): int
    {
        return self::number('REQUEST_TIMEOUT_S');
    }

    private static function number(string $name): int
    {
        $file = \dirname(__DIR__, 2).'/deploy/settings.env';
        $settings = parse_ini_file($file, false, \INI_SCANNER_TYPED);
        $value = false === $settings ? null : $settings[$name] ?? null;

        return \is_int($value) ? $value : throw new \LogicException(\sprintf('%s does not set %s to a number.', $file, $name));
    }
}
