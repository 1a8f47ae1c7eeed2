<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Stage\Tanks\Rule\DrainCapped;
use YardCask\Core\Stage\Tanks\Rule\DrainHigh;
use YardCask\Core\Stage\Tanks\Rule\FillLow;
use YardCask\Core\Stage\Tanks\Rule\FrostBelowOutlet;
use YardCask\Core\Stage\Tanks\Rule\HeeledUnder;
use YardCask\Core\Stage\Tanks\Rule\RunDips;
use YardCask\Core\Stage\Tanks\Rule\TankNearHot;
use YardCask\Core\Stage\Tanks\Rule\TankOversized;
use YardCask\Core\Stage\Tanks\Rule\TankTooLow;
use YardCask\Core\Stage\Tanks\Rule\VentLow;
use YardCask\Core\Stage\Tanks\Rule\WastedHeights;
use YardCask\Core\Stage\Tanks\Shared\Filling;

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
    case OpenEndSpills = 'tanks.open-end-spills';
    case FillLow = 'tanks.fill-low';
    case RunDips = 'tanks.run-dips';
    case DrainHigh = 'tanks.drain-high';
    case WaterOverDry = 'tanks.over-dry';
    case TankNearHot = 'tanks.near-hot';
    case FillBacksUp = 'tanks.fill-backs-up';
    case VentThin = 'tanks.vent-thin';
    case DrainCapped = 'tanks.drain-capped';
    case LevelUnseen = 'tanks.level-unseen';
    case DoorSmall = 'tanks.door-small';
    case HeeledUnder = 'tanks.heeled-under';
    case StrapWeak = 'tanks.strap-weak';
    case BayGone = 'tanks.bay-gone';
    case RunLoose = 'tanks.run-loose';
    case WasteSmall = 'tanks.waste-small';
    case TankOversized = 'tanks.oversized';

    public function severity(): Severity
    {
        return \in_array($this, [self::TankOversized, self::BayGuessed, self::FrostBelowOutlet, self::DrainHigh, self::OpenEndSpills, self::FillBacksUp, self::DrainCapped, self::LevelUnseen, self::BayGone, self::RunLoose], true) ? Severity::Watch : Severity::Fix;
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
        return \in_array($this, [self::TankOutside, self::TankTooLow, self::TankThroughFloor, self::TanksCollide, self::TankOutOfBay, self::TankObstructed, self::OpeningSmall, self::DoorSmall], true);
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
            self::OpenEndSpills => 'As it travels, the surface of a tank tilted by braking, a hill, a lean or a heel would stand above the highest point of an open vent, overflow or fill.',
            self::FillLow => \sprintf('A fill inlet lies less than %s m above the overflow.', FillLow::ABOVE_M),
            self::RunDips => \sprintf('More than %s mL stay in a fill, vent or drain hose.', 1000 * RunDips::HARMLESS_L),
            self::DrainHigh => \sprintf('More than %s L stay in a tank below its drain.', DrainHigh::HARMLESS_L),
            self::WaterOverDry => 'A tank, a port or a hose lies over something that must stay dry.',
            self::TankNearHot => \sprintf('A tank stands less than %s mm from something that gets hot.', TankNearHot::ROOM_MM),
            self::FillBacksUp => 'More comes to a fill than runs through it by its fall.',
            self::VentThin => \sprintf('What a hose gives presses more on a full tank than its walls stand (%s kPa where nobody has said it), since its vents are thin or high.', Filling::USUAL_WALL_KPA),
            self::DrainCapped => \sprintf('A drain with more than %s L above it is opened by taking off a cap or a plug.', DrainCapped::HARMLESS_L),
            self::LevelUnseen => 'A fixed tank has no gauge, and its level is not seen through its wall.',
            self::DoorSmall => 'A tank inside is too large for the largest door of the rig, however it is turned.',
            self::HeeledUnder => \sprintf('A hose ends in the side of a boat less than %s m over the water when she heels.', HeeledUnder::ABOVE_M),
            self::StrapWeak => 'Braking, swaying or bumping pulls each strap of a full tank by more than it holds.',
            self::BayGone => 'A tank names a bay that the plan does not have.',
            self::RunLoose => 'A hose begins at a port that the plan does not have.',
            self::WasteSmall => 'More is drained into a waste or toilet tank in a stay than it holds.',
            self::TankOversized => \sprintf('The fresh tanks give over %s times the upper end of the likely need.', TankOversized::TIMES_HIGH),
        };
    }
}
