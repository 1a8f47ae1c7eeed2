<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

/** What can go wrong in a mode, whichever way the valves are turned. */
enum ModeTrouble: string
{
    case NoWay = 'no_way';
    case OutByWall = 'out_by_wall';
    case MainsToTank = 'mains_to_tank';
    case BackIntoTank = 'back_into_tank';
    case FillToOutlet = 'fill_to_outlet';
    case AirToTank = 'air_to_tank';
    case AirThroughFilter = 'air_through_filter';
    case DosesDrinking = 'doses_drinking';
    case RunsOut = 'runs_out';
}
