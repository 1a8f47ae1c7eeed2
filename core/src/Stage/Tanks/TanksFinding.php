<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Stage\Tanks\Rule\DrainHigh;
use YardCask\Core\Stage\Tanks\Rule\FillLow;
use YardCask\Core\Stage\Tanks\Rule\FrostBelowOutlet;
use YardCask\Core\Stage\Tanks\Rule\RunDips;
use YardCask\Core\Stage\Tanks\Rule\TankNearHot;
use YardCask\Core\Stage\Tanks\Rule\TankOversized;
use YardCask\Core\Stage\Tanks\Rule\TankTooLow;
use YardCask\Core\Stage\Tanks\Rule\VentLow;
use YardCask\Core\Stage\Tanks\Rule\WastedHeights;

/** What can be found on the Tanks stage. */
enum TanksFinding: string implements FindingCode
{
    case OutletHigh = 'tanks.outlet-high';
    case OverflowLow = 'tanks.overflow-low';
    case TankOutside = 'tanks.outside';
    case TankTooLow = 'tanks.too-low';
    case TankThroughFloor = 'tanks.through-floor';
    case TanksCollide = 'tanks.collide';
    case TankOutOfBay = 'tanks.out-of-bay';
    case TankObstructed = 'tanks.obstructed';
    case OpeningSmall = 'tanks.opening-small';
    case BayGuessed = 'tanks.bay-guessed';
    case FrostBelowOutlet = 'tanks.frost-below-outlet';
    case PortBlocked = 'tanks.port-blocked';
    case Unvented = 'tanks.unvented';
    case VentLow = 'tanks.vent-low';
    case VentSurges = 'tanks.vent-surges';
    case FillLow = 'tanks.fill-low';
    case RunDips = 'tanks.run-dips';
    case DrainHigh = 'tanks.drain-high';
    case WaterOverDry = 'tanks.over-dry';
    case TankNearHot = 'tanks.near-hot';
    case WasteSmall = 'tanks.waste-small';
    case TankOversized = 'tanks.oversized';

    public function severity(): Severity
    {
        return \in_array($this, [self::TankOversized, self::BayGuessed, self::FrostBelowOutlet, self::DrainHigh, self::VentSurges], true) ? Severity::Watch : Severity::Fix;
    }

    public function isPerPart(): bool
    {
        return self::TankOversized !== $this;
    }

    public function isDoubt(): bool
    {
        return self::BayGuessed === $this;
    }

    public function isImpossible(): bool
    {
        return \in_array($this, [self::TankOutside, self::TankTooLow, self::TankThroughFloor, self::TanksCollide, self::TankOutOfBay, self::TankObstructed, self::OpeningSmall], true);
    }

    public function meaning(): string
    {
        $percent = round(100 * WastedHeights::SHARE_OF_TANK).' %';

        return match ($this) {
            self::OutletHigh => \sprintf('More than %s of a tank lies below its outlet.', $percent),
            self::OverflowLow => \sprintf('More than %s of a tank lies above its overflow.', $percent),
            self::TankOutside => 'A tank stands partly outside the rig.',
            self::TankTooLow => \sprintf('The underside of a tank is less than %s m above the ground.', TankTooLow::CLEARANCE_M),
            self::TankThroughFloor => 'A tank reaches through the floor of a vehicle or trailer.',
            self::TanksCollide => 'Two tanks take up the same space.',
            self::TankOutOfBay => 'A tank reaches out of the bay in which it stands.',
            self::TankObstructed => 'A tank runs into something that stands in a bay or is fixed in the rig.',
            self::OpeningSmall => 'A tank is too large for the opening of its bay, however it is turned.',
            self::BayGuessed => 'Tanks stand in a bay that has not been measured.',
            self::FrostBelowOutlet => \sprintf('Frost reaches a tank, and more than %s L stay in it when it is drained.', FrostBelowOutlet::HARMLESS_L),
            self::PortBlocked => 'The fitting of a port has no room in its bay.',
            self::Unvented => 'A tank has a fill and no vent.',
            self::VentLow => \sprintf('A vent passes no point %s m above the lid.', VentLow::ABOVE_M),
            self::VentSurges => \sprintf('Braking at %s g, the surface of a box tank as it travels would stand above the highest point of its vent.', Braking::FORWARD_G),
            self::FillLow => \sprintf('A fill inlet lies less than %s m above the overflow.', FillLow::ABOVE_M),
            self::RunDips => \sprintf('More than %s mL stay in a fill, vent or drain hose.', 1000 * RunDips::HARMLESS_L),
            self::DrainHigh => \sprintf('More than %s L stay in a tank below its drain.', DrainHigh::HARMLESS_L),
            self::WaterOverDry => 'A tank, a port or a hose lies over something that must stay dry.',
            self::TankNearHot => \sprintf('A tank stands less than %s mm from something that gets hot.', TankNearHot::ROOM_MM),
            self::WasteSmall => 'More is drained into a waste or toilet tank in a stay than it holds.',
            self::TankOversized => \sprintf('The fresh tanks give over %s times the upper end of the likely need.', TankOversized::TIMES_HIGH),
        };
    }
}
