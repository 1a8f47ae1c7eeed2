<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use Symfony\Component\DependencyInjection\Attribute\AsAlias;
use YardCask\Core\Assessment\Memory;

/** Keeps what was worked out in the memory that PHP's processes share while they run; a new version of the program begins with none of it. */
#[AsAlias(Memory::class)]
final readonly class ApcuMemory implements Memory
{
    private const KEPT_S = 600;

    public function recall(string $key): ?array
    {
        $values = apcu_fetch($key);

        return \is_array($values) ? $values : null;
    }

    public function keep(string $key, array $values): void
    {
        apcu_store($key, $values, self::KEPT_S);
    }
}
