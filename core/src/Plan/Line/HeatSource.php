<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Use\StayStyle;

/** What a heater gets its heat from. */
enum HeatSource: string implements NamedChoice
{
    case Battery = 'battery';
    /** A hook-up on a site or in a harbour. */
    case Mains = 'mains';
    case Engine = 'engine';
    case MainsOrEngine = 'mains_or_engine';
    case Gas = 'gas';
    case HeatStore = 'heat_store';

    public function word(): string
    {
        return match ($this) {
            self::Battery => 'battery',
            self::Mains => 'mains electricity',
            self::Engine => 'engine',
            self::MainsOrEngine => 'mains electricity or engine',
            self::Gas => 'gas',
            self::HeatStore => 'heating or heat store',
        };
    }

    /** Whether coolant flows on the other side of the wall. */
    public function isCoolant(): bool
    {
        return \in_array($this, [self::Engine, self::MainsOrEngine, self::HeatStore], true);
    }

    /** Whether a rig has it where its crew stays: a trailer has no engine, and wild nights have no hook-up. */
    public function isThere(RigKind $rig, StayStyle $stay): bool
    {
        return match ($this) {
            self::Mains => StayStyle::Wild !== $stay,
            self::Engine => RigKind::Trailer !== $rig,
            self::MainsOrEngine => StayStyle::Wild !== $stay || RigKind::Trailer !== $rig,
            default => true,
        };
    }
}
