<?php

declare(strict_types=1);

namespace YardCask\Server;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/** Wires the server together; its settings are the environment variables that the launcher sets. */
final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public static function fromEnvironment(): self
    {
        $environment = $_SERVER['APP_ENV'] ?? 'prod';

        return new self(\is_string($environment) ? $environment : 'prod', false);
    }

    public function getCacheDir(): string
    {
        return self::stateDir().'/cache/'.$this->getEnvironment();
    }

    public function getLogDir(): string
    {
        return self::stateDir().'/log';
    }

    /** Where the server may write: the launcher's var/ directory. */
    private static function stateDir(): string
    {
        $dir = $_SERVER['YARDCASK_STATE'] ?? null;

        return \is_string($dir) ? $dir : \dirname(__DIR__, 2).'/var/server';
    }
}
