<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Symfony\Component\HttpKernel\CacheWarmer\CacheWarmerInterface;
use YardCask\Core\Plan\Field\FieldsCode;
use YardCask\Core\Plan\Plan;

/** Writes what the fields of a plan are as code while the cache is warmed up, so that no request reads them from attributes. */
final class FieldsWarmer implements CacheWarmerInterface
{
    public static function file(string $cacheDir): string
    {
        return $cacheDir.'/plan_fields.php';
    }

    public function isOptional(): bool
    {
        return false;
    }

    public function warmUp(string $cacheDir, ?string $buildDir = null): array
    {
        file_put_contents(self::file($cacheDir), FieldsCode::of(Plan::class));

        return [];
    }
}
