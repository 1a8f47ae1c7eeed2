<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A record that was received. Which of two that replace the same one counts is decided by the order in which they were. */
final readonly class KeptRecord implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** The higher, the later it was received. */
        public int $number,
        /** By the server's clock, in UTC. */
        public string $receivedAt,
        /** The name of the device that recorded it; null for the machine that serves the plan. */
        public ?string $device,
        public Record $record,
    ) {
    }
}
