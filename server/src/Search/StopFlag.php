<?php

declare(strict_types=1);

namespace YardCask\Server\Search;

/** Which search is to stop. Searches have one process, so that one is running at a time: one name is enough. */
final readonly class StopFlag
{
    public const SYNTAX = '[a-z0-9-]{8,64}';

    private string $file;

    public function __construct(string $stateDir)
    {
        $this->file = $stateDir.'/stopped-search';
    }

    /** @param string $search that the page has named so */
    public function raise(string $search): void
    {
        file_put_contents($this->file, $search, \LOCK_EX);
    }

    public function isFor(string $search): bool
    {
        return @file_get_contents($this->file) === $search;
    }
}
