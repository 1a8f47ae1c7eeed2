<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;

/** What a link is called, and the nodes that it joins. */
final readonly class LinkEnds
{
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
    ) {
    }

    /** Reads them and leaves the reader open for more. */
    public static function read(InputReader $in): self
    {
        return new self($in->text('id', LineInput::LONGEST_ID), $in->text('from', LineInput::LONGEST_ID), $in->text('to', LineInput::LONGEST_ID));
    }
}
