<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** Both ends of every pipe of the line that is joined at both, in the order of the plan. */
final readonly class PipeEndings implements StageWorkings
{
    /** @param list<PipeEnding> $all */
    private function __construct(public array $all)
    {
    }

    public static function over(Workings $workings): static
    {
        $all = [];
        foreach ($workings->of(LineGraph::class)->pipes as $pipe) {
            array_push($all, new PipeEnding($pipe, true), new PipeEnding($pipe, false));
        }

        return new self($all);
    }

    public static function sections(): array
    {
        return LineGraph::sections();
    }
}
