<?php

declare(strict_types=1);

namespace YardCask\Server\Storage;

use YardCask\Server\Problem\Problem;
use YardCask\Server\Settings;

/** Asked before each write: a database that meets the end of the disk may fall, and nothing is written while its tables are changed. */
final readonly class WriteGate
{
    public function __construct(
        private string $stateDir,
        private UpgradeSign $upgrade,
    ) {
    }

    public function isOpen(): bool
    {
        return $this->hasRoom() && !$this->upgrade->isUp();
    }

    /** @throws Problem when nothing can be written now */
    public function check(): void
    {
        if (!$this->hasRoom()) {
            throw Problem::diskFull();
        }
        if ($this->upgrade->isUp()) {
            throw Problem::upgrading();
        }
    }

    private function hasRoom(): bool
    {
        $free = @disk_free_space($this->stateDir);

        return false === $free || $free >= Settings::diskReserveBytes();
    }
}
