<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Stage\Parts\Joints\Verdict;

/** Two ends that meet. */
final readonly class JointMeeting implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public Verdict $verdict,
        /** Toward the tube. */
        public string $tube,
        /** Toward the port. */
        public string $port,
        /** What makes it tight. */
        public ?string $with = null,
        public ?string $why = null,
        /** What follows behind it, where an adapter does. */
        public ?string $adapter = null,
    ) {
    }
}
