<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;

/** What a part of a line is. */
enum PartKind: string implements NamedChoice
{
    case ShutOff = 'shut_off';
    case ThreeWayValve = 'three_way_valve';
    case Tee = 'tee';
    case Manifold = 'manifold';
    case Strainer = 'strainer';
    case Filter = 'filter';
    /** Kills germs with ultraviolet light while water passes. */
    case UvLamp = 'uv_lamp';
    /** Adds a disinfectant to the water that passes. */
    case Doser = 'doser';
    case PressurePump = 'pressure_pump';
    case BypassPump = 'bypass_pump';
    case VariablePump = 'variable_pump';
    case SubmersiblePump = 'submersible_pump';
    case FootPump = 'foot_pump';
    case HandPump = 'hand_pump';
    case TransferPump = 'transfer_pump';
    case Accumulator = 'accumulator';
    case NonReturn = 'non_return';
    /** Lets air in where water would be sucked back. */
    case VacuumBreaker = 'vacuum_breaker';
    /** Shuts an inlet when the tank below it is full. */
    case FloatValve = 'float_valve';
    /** A free fall into a funnel: nothing can flow back over it. */
    case AirGap = 'air_gap';
    case Regulator = 'regulator';
    case Relief = 'relief';
    case StorageHeater = 'storage_heater';
    case Exchanger = 'exchanger';
    case Kettle = 'kettle';
    case MixingValve = 'mixing_valve';
    case Tap = 'tap';
    case SwitchedTap = 'switched_tap';
    case MixerTap = 'mixer_tap';
    case Shower = 'shower';
    case OutsidePoint = 'outside_point';
    case Washer = 'washer';
    case MainsInlet = 'mains_inlet';
    case FillInlet = 'fill_inlet';
    case WallVent = 'wall_vent';
    case DrainValve = 'drain_valve';
    case BlowOutPort = 'blow_out_port';
    case Meter = 'meter';
    case QuickConnect = 'quick_connect';
    case Cap = 'cap';
    case FreeEnd = 'free_end';

    public function word(): string
    {
        return match ($this) {
            self::ShutOff => 'shut-off valve',
            self::ThreeWayValve => 'three-way valve',
            self::Tee => 'tee',
            self::Manifold => 'manifold',
            self::Strainer => 'strainer',
            self::Filter => 'filter',
            self::UvLamp => 'UV lamp',
            self::Doser => 'doser',
            self::PressurePump => 'pressure pump',
            self::BypassPump => 'pressure pump with bypass',
            self::VariablePump => 'variable pump',
            self::SubmersiblePump => 'submersible pump',
            self::FootPump => 'foot pump',
            self::HandPump => 'hand pump',
            self::TransferPump => 'transfer pump',
            self::Accumulator => 'accumulator',
            self::NonReturn => 'non-return valve',
            self::VacuumBreaker => 'vacuum breaker',
            self::FloatValve => 'float valve',
            self::AirGap => 'air gap',
            self::Regulator => 'regulator',
            self::Relief => 'relief valve',
            self::StorageHeater => 'storage heater',
            self::Exchanger => 'exchanger',
            self::Kettle => 'kettle',
            self::MixingValve => 'mixing valve',
            self::Tap => 'tap',
            self::SwitchedTap => 'switched tap',
            self::MixerTap => 'mixer tap',
            self::Shower => 'shower',
            self::OutsidePoint => 'outside point',
            self::Washer => 'washer',
            self::MainsInlet => 'mains inlet',
            self::FillInlet => 'fill hose',
            self::WallVent => 'wall vent',
            self::DrainValve => 'drain valve',
            self::BlowOutPort => 'blow-out port',
            self::Meter => 'meter',
            self::QuickConnect => 'quick connect',
            self::Cap => 'cap',
            self::FreeEnd => 'free end',
        };
    }

    /** Which figures it has. */
    public function family(): PartFamily
    {
        /** @var array<string, PartFamily> $known */
        static $known = [];

        return $known[$this->value] ??= match ($this) {
            self::ShutOff, self::ThreeWayValve, self::Strainer, self::NonReturn, self::VacuumBreaker,
            self::FloatValve, self::AirGap, self::UvLamp, self::Doser, self::Meter, self::QuickConnect => PartFamily::Pass,
            self::Tee, self::Manifold, self::WallVent, self::DrainValve, self::BlowOutPort, self::Cap, self::FreeEnd => PartFamily::Plain,
            self::Filter => PartFamily::Filter,
            self::PressurePump, self::BypassPump, self::VariablePump,
            self::SubmersiblePump, self::FootPump, self::HandPump, self::TransferPump => PartFamily::Pump,
            self::Accumulator => PartFamily::Vessel,
            self::Regulator => PartFamily::Regulator,
            self::Relief => PartFamily::Relief,
            self::StorageHeater, self::Exchanger, self::Kettle => PartFamily::Heater,
            self::MixingValve => PartFamily::Mixing,
            self::Tap, self::SwitchedTap, self::MixerTap, self::Shower, self::OutsidePoint, self::Washer => PartFamily::Outlet,
            self::MainsInlet, self::FillInlet => PartFamily::Inlet,
        };
    }

    /** @return list<PartPort> in the order of the water, where there is one */
    public function ports(): array
    {
        /** @var array<string, list<PartPort>> $known */
        static $known = [];

        return $known[$this->value] ??= match ($this) {
            self::ThreeWayValve => [PartPort::Common, PartPort::Left, PartPort::Right],
            self::Tee => [PartPort::A, PartPort::B, PartPort::C],
            self::Manifold => [PartPort::In, PartPort::A, PartPort::B, PartPort::C, PartPort::D],
            self::Kettle => [],
            self::MixingValve => [PartPort::Hot, PartPort::Cold, PartPort::Out],
            self::Tap, self::SwitchedTap, self::OutsidePoint, self::Washer, self::WallVent, self::Cap, self::FreeEnd => [PartPort::In],
            self::MixerTap, self::Shower => [PartPort::Hot, PartPort::Cold],
            self::MainsInlet, self::FillInlet => [PartPort::Out],
            default => [PartPort::In, PartPort::Out],
        };
    }

    /** @return list<PartPort> all of them but one */
    public function portsBut(PartPort $but): array
    {
        $others = [];
        foreach ($this->ports() as $port) {
            if ($port !== $but) {
                $others[] = $port;
            }
        }

        return $others;
    }

    /** Whether it has one inlet and one outlet, so that it can be put into a pipe. */
    public function isInPath(): bool
    {
        return [PartPort::In, PartPort::Out] === $this->ports();
    }

    /** Whether it can be branched off a pipe; parts that join more than two pipes cannot. */
    public function canBranch(): bool
    {
        return !$this->isInPath() && [] !== $this->ports() && self::Tee !== $this && self::Manifold !== $this;
    }

    /** Whether it can stand behind what water leaves. */
    public function canFollow(): bool
    {
        return [] !== $this->ports() && self::MainsInlet !== $this && self::FillInlet !== $this;
    }

    /** Whether it is one place for the water: it stands on the pipe by a tee of its own. */
    public function isPoint(): bool
    {
        return match ($this) {
            self::Accumulator, self::Relief, self::DrainValve, self::BlowOutPort, self::Tee, self::Manifold => true,
            default => false,
        };
    }

    public function isOutlet(): bool
    {
        return PartFamily::Outlet === $this->family();
    }

    public function isPump(): bool
    {
        return PartFamily::Pump === $this->family();
    }

    /** Whether a hand or a foot moves it. */
    public function isByHand(): bool
    {
        return self::FootPump === $this || self::HandPump === $this;
    }

    /** Whether water passes it one way only. */
    public function isOneWay(): bool
    {
        return $this->isPump() || self::Regulator === $this || $this->isCheck() || $this->breaksInflow();
    }

    /** Whether it is made to let nothing back. */
    public function isCheck(): bool
    {
        return self::NonReturn === $this || self::VacuumBreaker === $this;
    }

    /** Whether what runs into a tank through it cannot press on the tank, nor be drawn back out of it. */
    public function breaksInflow(): bool
    {
        return self::FloatValve === $this || self::AirGap === $this;
    }

    /** Whether it mixes hot and cold water. */
    public function mixes(): bool
    {
        return \in_array(PartPort::Hot, $this->ports(), true);
    }
}
