<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Keeps nothing. */
final class NoMemory implements Memory
{
    public function recall(string $key): ?array
    {
        return null;
    }

    public function keep(string $key, \Closure $values): void
    {
    }
}
