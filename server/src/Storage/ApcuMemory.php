<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Symfony\Component\DependencyInjection\Attribute\AsAlias;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;
use YardCask\Core\Assessment\Memory;

/**
 * Keeps what was worked out in the memory that PHP's processes share while they run, once the answer is on its way: nobody waits for that. A new version
 * of the program begins with none of it.
 */
#[AsAlias(Memory::class)]
final class ApcuMemory implements Memory
{
    private const KEPT_S = 600;

    /** @var array<string, array<array-key, mixed>> what is to be kept, by its key */
    private array $toKeep = [];

    public function recall(string $key): ?array
    {
        $values = $this->toKeep[$key] ?? apcu_fetch($key);

        return \is_array($values) ? $values : null;
    }

    public function keep(string $key, array $values): void
    {
        $this->toKeep[$key] = $values;
    }

    #[AsEventListener(event: KernelEvents::TERMINATE)]
    public function store(): void
    {
        apcu_store($this->toKeep, null, self::KEPT_S);
        $this->toKeep = [];
    }
}
