<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

/** Pipes one after the other. */
final readonly class PipeChain
{
    /** @param list<LinePipe> $pipes */
    public function __construct(public array $pipes = [])
    {
    }

    public function with(LinePipe $pipe): self
    {
        return new self([...$this->pipes, $pipe]);
    }

    public function litres(): float
    {
        return array_sum(array_map(static fn (LinePipe $pipe): float => $pipe->litres(), $this->pipes));
    }
}
