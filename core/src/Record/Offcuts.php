<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What the workshop has of a sort of pipe: of several about the same sort the last that was received counts. */
final readonly class Offcuts implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const MOST = 20;
    public const SHORTEST_M = 0.05;
    public const LONGEST_M = 100.0;

    /** @param list<float> $lengthsM each piece */
    public function __construct(
        #[ListOf('float')]
        public array $lengthsM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $lengthsM = $in->numbers('lengths_m', self::MOST, Range::between(self::SHORTEST_M, self::LONGEST_M));
        $in->finish();

        return new self($lengthsM);
    }
}
