<?php

declare(strict_types=1);

namespace YardCask\Core\Search;

/** Whoever waits for a search: hears how far it is, and may have it end with what it has found. */
interface Watch
{
    /**
     * Asked before each candidate, so that a search takes little longer than it may.
     *
     * @return bool whether it is to end
     */
    public function isOver(): bool;

    /** @param int $done of so many candidates, $of */
    public function tell(int $done, int $of): void;
}
