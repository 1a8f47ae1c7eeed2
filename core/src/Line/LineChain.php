<?php

declare(strict_types=1);

namespace YardCask\Core\Line;

/** Links that stand in series, with one flow. */
final readonly class LineChain
{
    /** @var list<array{PipeLink, float, float}> its pipes, those of one bore as one, with their length in bores and their fittings */
    public array $pipes;
    /** @var array<int, float> what else it has, like links */
    public array $parts;

    /**
     * @param array<int, float> $links by number, in their order along it; −1 where they are met backwards
     * @param int $from the node at which it begins
     * @param int $to the node at which it ends
     */
    public function __construct(
        LineNetwork $network,
        public array $links,
        public int $from,
        public int $to,
    ) {
        $pipes = $parts = [];
        foreach ($links as $number => $sign) {
            $link = $network->links[$number][0];
            if ($link instanceof PipeLink) {
                $pipes[] = $link;
            } else {
                $parts[$number] = $sign;
            }
        }
        $this->pipes = PipeLink::inSeries($pipes);
        $this->parts = $parts;
    }
}
