<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use YardCask\Server\Problem\Problem;
use YardCask\Server\Settings;

/** Whether the disk that holds the database has room. Asked before each write: a database that meets the end of the disk may fall. */
final readonly class DiskRoom
{
    public function __construct(private string $stateDir)
    {
    }

    public function isThere(): bool
    {
        $free = @disk_free_space($this->stateDir);

        return false === $free || $free >= Settings::diskReserveBytes();
    }

    /** @throws Problem when there is none */
    public function check(): void
    {
        if (!$this->isThere()) {
            throw Problem::diskFull();
        }
    }
}
