<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Assessment\KeyedWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Shopping\Basket;
use YardCask\Core\Stage\Parts\Shopping\PipeItems;

/**
 * What rides along beside tanks, parts, pipes and adapters, and where: clamps and rings, clips, insulation, wires, the fittings and
 * hoses of tanks, and what holds these.
 */
final readonly class FittingWeights extends KeptFittings implements KeyedWorkings
{
    protected static function found(Workings $workings): WeighedFittings
    {
        $along = new Basket();
        PipeItems::addTo($along, $workings);

        return $workings->of(JointFittings::class)->weighed->and(WeighedFittings::in($along, $workings->plan->load->rig));
    }

    public static function sections(): array
    {
        return ['line', 'tanks', 'runs', 'rig'];
    }

    public function key(): string
    {
        return serialize($this->weighed->values());
    }

    public function kg(): float
    {
        return array_sum($this->weighed->kg);
    }
}
