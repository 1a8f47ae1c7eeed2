<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Use\StayStyle;

/** How the line is made: the starting points that there are. */
enum SystemType: string implements NamedChoice
{
    case CanFoot = 'can_foot';
    case CanSwitched = 'can_switched';
    case CanGravity = 'can_gravity';
    case Pressure = 'pressure';
    case PressureAccumulator = 'pressure_accumulator';
    case Mains = 'mains';
    case FilteredFill = 'filtered_fill';
    case Gravity = 'gravity';
    case TwoCircuits = 'two_circuits';
    case StorageHeater = 'storage_heater';
    case Exchanger = 'exchanger';
    case TwoValves = 'two_valves';

    /** Whether people shower with it: where a site has showers, only with one that heats; without pressure, with none. */
    public function hasShower(StayStyle $stay): bool
    {
        return match ($this) {
            self::StorageHeater, self::Exchanger => true,
            self::CanFoot, self::CanSwitched, self::CanGravity, self::Gravity => false,
            default => StayStyle::Sites !== $stay,
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::CanFoot => 'can and foot pump',
            self::CanSwitched => 'can, submersible pump and switched tap',
            self::CanGravity => 'can to a gravity tap and a pumped tap',
            self::Pressure => 'pressure pump',
            self::PressureAccumulator => 'pressure pump and accumulator',
            self::Mains => 'pressure pump with mains hook-up',
            self::FilteredFill => 'filtered on the way into the tank',
            self::Gravity => 'header tank filled by hand, kettle for hot water',
            self::TwoCircuits => 'two circuits, drinking water separate',
            self::StorageHeater => 'pressure pump and storage heater',
            self::Exchanger => 'pressure pump, exchanger and mixing valve',
            self::TwoValves => 'one pump for use and filling, with two three-way valves',
        };
    }
}
