<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Keeps what was worked out from one assessment to the next: nothing comes out otherwise for it, only sooner. */
interface Memory
{
    /** @return array<array-key, mixed>|null what was kept under a key; null where nothing was, or no longer is */
    public function recall(string $key): ?array;

    /**
     * @param \Closure(): (array<array-key, mixed>|null) $values scalars and arrays of them only, computed once nobody waits for an answer; null
     *                                                           where there is nothing to keep
     */
    public function keep(string $key, \Closure $values): void;
}
