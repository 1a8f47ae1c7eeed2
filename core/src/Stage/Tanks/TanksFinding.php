<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\KeyedByPart;
use YardCask\Core\Assessment\Severity;

/** What can be found on the Tanks stage. */
enum TanksFinding: string implements FindingCode
{
    use KeyedByPart;

    case TankUnjoined = 'tanks.unjoined';
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
    case Sealed = 'tanks.sealed';
    case Unvented = 'tanks.unvented';
    case VentLow = 'tanks.vent-low';
    case VentSubmerged = 'tanks.vent-submerged';
    case OpenEndSpills = 'tanks.open-end-spills';
    case FillLow = 'tanks.fill-low';
    case RunDips = 'tanks.run-dips';
    case DrainHigh = 'tanks.drain-high';
    case WaterOverDry = 'tanks.over-dry';
    case TankNearHot = 'tanks.near-hot';
    case HoseObstructed = 'tanks.hose-obstructed';
    case HoseNearHot = 'tanks.hose-near-hot';
    case FillBacksUp = 'tanks.fill-backs-up';
    case OverflowSmall = 'tanks.overflow-small';
    case VentThin = 'tanks.vent-thin';
    case DrainMissing = 'tanks.drain-missing';
    case DrainCapped = 'tanks.drain-capped';
    case LevelUnseen = 'tanks.level-unseen';
    case DoorSmall = 'tanks.door-small';
    case HeeledUnder = 'tanks.heeled-under';
    case Unrestrained = 'tanks.unrestrained';
    case StrapWeak = 'tanks.strap-weak';
    case BayGone = 'tanks.bay-gone';
    case RunLoose = 'tanks.run-loose';
    case WasteSmall = 'tanks.waste-small';
    case TankOversized = 'tanks.oversized';

    public function severity(): Severity
    {
        return match ($this) {
            self::Sealed, self::OverflowSmall => Severity::Stop,
            self::TankOversized, self::BayGuessed, self::FrostBelowOutlet, self::DrainHigh, self::OpenEndSpills,
            self::FillBacksUp, self::DrainMissing, self::DrainCapped, self::LevelUnseen, self::Unrestrained, self::BayGone, self::RunLoose => Severity::Watch,
            default => Severity::Fix,
        };
    }

    public function isPerPart(): bool
    {
        return self::TankOversized !== $this && self::RunLoose !== $this;
    }

    public function isDoubt(): bool
    {
        return self::BayGuessed === $this;
    }

    public function isImpossible(): bool
    {
        return \in_array(
            $this,
            [
                self::TankOutside,
                self::TankTooLow,
                self::TankThroughFloor,
                self::TanksCollide,
                self::TankOutOfBay,
                self::TankObstructed,
                self::HoseObstructed,
                self::OpeningSmall,
                self::DoorSmall,
            ],
            true,
        );
    }
}
