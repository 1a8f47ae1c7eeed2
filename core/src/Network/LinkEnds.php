<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;

/** What a link is called, and the nodes that it joins. */
final readonly class LinkEnds
{
    /** Of every name of a link, a node or an outlet. */
    public const LONGEST_ID = 60;

    public function __construct(
        public string $id,
        public string $from,
        public string $to,
    ) {
    }

    /** Reads them and leaves the reader open for more. */
    public static function read(InputReader $in): self
    {
        return new self($in->text('id', self::LONGEST_ID), $in->text('from', self::LONGEST_ID), $in->text('to', self::LONGEST_ID));
    }
}
