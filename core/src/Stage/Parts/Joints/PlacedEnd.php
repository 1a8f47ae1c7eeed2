<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\PlanPatch;

/** An end with its place in the plan. */
final readonly class PlacedEnd
{
    public ?PortEnd $end;

    /**
     * @param string $pointer to the text that describes it
     * @param string|null $text of that place; null while it is empty
     * @param string|null $port of a part, whose ends are described in one text; null where the text is of this end alone
     */
    public function __construct(
        public string $pointer,
        private ?string $text,
        private ?string $port = null,
    ) {
        $this->end = null === $port ? (null === $text ? null : PortEnd::read($text)) : PortEnds::read($text)[$port] ?? null;
    }

    /** What describes it otherwise. */
    public function changed(PortEnd $end): PlanPatch
    {
        $text = null === $this->port ? (string) $end : PortEnds::write([...PortEnds::read($this->text), $this->port => $end]);

        return PlanPatch::set($this->pointer, $text, null !== $this->text);
    }
}
