<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** What stays in pipes and parts when a line is drained, the most first. */
final readonly class LeftWater implements StageWorkings
{
    /** @param list<LeftIn> $left */
    private function __construct(public array $left)
    {
    }

    public static function over(Workings $workings): static
    {
        return self::of($workings->of(LineGraph::class));
    }

    public static function sections(): array
    {
        return ['line', 'tank_ends'];
    }

    public static function of(LineGraph $graph): self
    {
        $sills = DrainSills::of($graph);
        $left = [];
        foreach ($graph->pipes as $pipe) {
            $left[] = new LeftIn($pipe, HeldAfterDraining::inPipe($pipe, $sills->at($pipe->from), $sills->at($pipe->to)));
        }
        foreach ($graph->plan->line->parts as $part) {
            $left[] = new LeftIn($part, HeldAfterDraining::inPart($part, $sills), HandWork::on($part));
        }
        $left = array_values(array_filter($left, static fn (LeftIn $one): bool => $one->litres > LeftIn::NOTHING_L));
        usort($left, static fn (LeftIn $a, LeftIn $b): int => $b->litres <=> $a->litres);

        return new self($left);
    }

    /** What neither a drain nor a hand takes out, in L. */
    public function litres(): float
    {
        return array_sum(array_map(static fn (LeftIn $one): float => $one->litres, $this->staying()));
    }

    /** @return list<LeftIn> */
    public function staying(): array
    {
        return array_values(array_filter($this->left, static fn (LeftIn $one): bool => null === $one->byHand));
    }

    /** @return list<LeftIn> what a hand takes out once the drains have run */
    public function byHand(): array
    {
        return array_values(array_filter($this->left, static fn (LeftIn $one): bool => null !== $one->byHand));
    }
}
