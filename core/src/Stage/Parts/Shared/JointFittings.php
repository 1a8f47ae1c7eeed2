<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Shopping\Basket;
use YardCask\Core\Stage\Parts\Shopping\HoleItems;
use YardCask\Core\Stage\Parts\Shopping\JointItems;
use YardCask\Core\Stage\Parts\Shopping\PowerItems;
use YardCask\Core\Stage\Parts\Shopping\TankItems;

/** The fittings whose weights do not depend on how long the pipes are: what joins and holds, what covers holes, and wires. */
final readonly class JointFittings extends KeptFittings
{
    protected static function found(Workings $workings): WeighedFittings
    {
        $basket = new Basket();
        TankItems::addTo($basket, $workings);
        JointItems::addTo($basket, $workings);
        HoleItems::addTo($basket, $workings);
        PowerItems::addTo($basket, $workings);

        return WeighedFittings::in($basket, $workings->plan->load->rig);
    }

    public static function sections(): array
    {
        return ['line_joints', 'tanks', 'runs', 'rig'];
    }
}
