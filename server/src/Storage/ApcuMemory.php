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
    /** Holds the random word with which every key begins. Forgetting replaces it, so that a request which began earlier stores nothing under the new one. */
    private const WORD = 'yardcask.memory';
    private ?string $word = null;

    /** @var array<string, \Closure(): (array<array-key, mixed>|null)> what is to be kept, by its key */
    private array $toKeep = [];

    public function recall(string $key): ?array
    {
        $values = apcu_fetch($this->word().$key);

        return \is_array($values) ? $values : null;
    }

    public function keep(string $key, \Closure $values): void
    {
        $this->toKeep[$this->word().$key] = $values;
    }

    #[AsEventListener(event: KernelEvents::TERMINATE)]
    public function store(): void
    {
        $found = array_map(static fn (\Closure $values): ?array => $values(), $this->toKeep);
        apcu_store(array_filter($found, is_array(...)), null, self::KEPT_S);
        $this->toKeep = [];
        $this->word = null;
    }

    /** Forgets everything: the parts that can be had have changed. */
    public function forget(): void
    {
        apcu_store(self::WORD, bin2hex(random_bytes(8)));
    }

    private function word(): string
    {
        if (null === $this->word) {
            $known = apcu_entry(self::WORD, static fn (): string => bin2hex(random_bytes(8)));
            $this->word = \is_string($known) ? $known : '';
        }

        return $this->word;
    }
}
