<?php

declare(strict_types=1);

namespace YardCask\Server;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/** Wires the server together; its settings are the environment variables that the launcher sets. */
final class Kernel extends BaseKernel implements CompilerPassInterface
{
    use MicroKernelTrait;

    /** These look for attributes that no controller has, and for that make every attribute of its route, those of the API’s description too. */
    private const UNUSED = [
        'controller.cache_attribute_listener',
        'controller.is_granted_attribute_listener',
        'controller.is_signature_valid_attribute_listener',
    ];

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

    public function process(ContainerBuilder $container): void
    {
        array_map($container->removeDefinition(...), self::UNUSED);
    }

    /** Where the server may write: the launcher's var/ directory. */
    private static function stateDir(): string
    {
        $dir = $_SERVER['YARDCASK_STATE'] ?? null;

        return \is_string($dir) ? $dir : \dirname(__DIR__, 2).'/var/server';
    }
}
