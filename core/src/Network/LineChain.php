<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** Links that stand in series, with one flow. */
final readonly class LineChain
{
    /** @var list<array{PipeLink, float, float}> its pipes, those of one bore as one, with their length in bores and their fittings */
    public array $pipes;
    /** @var array<int, float> what else it has, like links */
    public array $parts;
    /** @var list<float> 1 where something in it lets nothing back, −1 where something lets nothing along it */
    public array $oneWay;

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
        $pipes = $parts = $oneWay = [];
        foreach ($links as $number => $sign) {
            [$link, , , $isForwardOnly] = $network->links[$number];
            if ($link instanceof PipeLink) {
                $pipes[] = $link;
            } else {
                $parts[$number] = $sign;
                if ($isForwardOnly) {
                    $oneWay[] = $sign;
                }
            }
        }
        $this->pipes = PipeLink::inSeries($pipes);
        $this->parts = $parts;
        $this->oneWay = array_values(array_unique($oneWay));
    }
}
