<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

/** Which figures a part of a line has. */
enum PartFamily: string
{
    case Plain = 'plain';
    case Pass = 'pass';
    case Filter = 'filter';
    case Pump = 'pump';
    case Vessel = 'vessel';
    case Regulator = 'regulator';
    case Relief = 'relief';
    case Heater = 'heater';
    case Mixing = 'mixing';
    case Outlet = 'outlet';
    case Inlet = 'inlet';
}
