<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** How long a piece of pipe was cut. Of several of the same pipe the last that was received counts. */
final readonly class Cut implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const SHORTEST_M = 0.01;
    public const LONGEST_M = 50.0;

    public function __construct(
        /** With what goes into the joints at its ends. */
        public float $lengthM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $lengthM = $in->number('length_m', Range::between(self::SHORTEST_M, self::LONGEST_M));
        $in->finish();

        return new self($lengthM);
    }
}
