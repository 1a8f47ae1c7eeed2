<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\KeyedByPart;
use YardCask\Core\Assessment\Severity;

/** What can be found on the Line stage. */
enum LineFinding: string implements FindingCode
{
    use KeyedByPart;

    case PortLoose = 'line.port-loose';
    case PipeLost = 'line.pipe-lost';
    case PortTwice = 'line.port-twice';
    case CurveRises = 'line.curve-rises';
    case NoWater = 'line.no-water';
    case RunsDry = 'line.runs-dry';
    case Backwards = 'line.backwards';
    case StrainerMissing = 'line.strainer-missing';
    case ShutOffMissing = 'line.shut-off-missing';
    case FilterUpstream = 'line.filter-upstream';
    case AccumulatorUpstream = 'line.accumulator-upstream';
    case HeaterNoCheck = 'line.heater-no-check';
    case HeaterClosed = 'line.heater-closed';
    case ReliefLow = 'line.relief-low';
    case ReliefHigh = 'line.relief-high';
    case VesselSmall = 'line.vessel-small';
    case MixerOpen = 'line.mixer-open';
    case OverRated = 'line.over-rated';
    case JointWeak = 'line.joint-weak';
    case TooHot = 'line.too-hot';
    case MainsOut = 'line.mains-out';
    case SucksAir = 'line.sucks-air';
    case OpenEnd = 'line.open-end';
    case MainsUnchecked = 'line.mains-unchecked';
    case MainsIntoTank = 'line.mains-into-tank';
    case FillUnbroken = 'line.fill-unbroken';
    case SinkUnder = 'line.sink-under';
    case MainsUnwatched = 'line.mains-unwatched';
    case ModeBlocked = 'line.mode-blocked';
    case FillToOutlet = 'line.fill-to-outlet';
    case BlowAstray = 'line.blow-astray';
    case Undrained = 'line.undrained';
    case FlowLow = 'line.flow-low';
    case TogetherWeak = 'line.together-weak';
    case AllOpenWeak = 'line.all-open-weak';
    case FilterStarves = 'line.filter-starves';
    case FilterFast = 'line.filter-fast';
    case FilterUsedUp = 'line.filter-used-up';
    case FilterBeforeStorage = 'line.filter-before-storage';
    case SuctionHigh = 'line.suction-high';
    case CutOutHigh = 'line.cut-out-high';
    case PumpUnstopped = 'line.pump-unstopped';
    case Stutters = 'line.stutters';
    case PrechargeLow = 'line.precharge-low';
    case PrechargeHigh = 'line.precharge-high';
    case StartsOften = 'line.starts-often';
    case FlowWasteful = 'line.flow-wasteful';
    case NotForDrinking = 'line.not-for-drinking';
    case HotShort = 'line.hot-short';
    case HotCool = 'line.hot-cool';
    case HeaterUnpowered = 'line.heater-unpowered';
    case StoreCool = 'line.store-cool';
    case SingleWall = 'line.single-wall';
    case RawWater = 'line.raw-water';
    case Scald = 'line.scald';
    case DeadLeg = 'line.dead-leg';
    case Stagnant = 'line.stagnant';
    case Obstructed = 'line.obstructed';
    case NearHot = 'line.near-hot';
    case OverDry = 'line.over-dry';
    case StockChanged = 'line.stock-changed';

    public function severity(): Severity
    {
        return match ($this) {
            self::HeaterClosed, self::OverRated, self::JointWeak, self::OpenEnd,
            self::MainsUnchecked, self::MainsIntoTank, self::FillUnbroken, self::Scald => Severity::Stop,
            self::MainsUnwatched, self::FillToOutlet, self::BlowAstray, self::Undrained, self::ShutOffMissing,
            self::FilterFast, self::FilterUsedUp, self::FilterBeforeStorage,
            self::RunsDry, self::AllOpenWeak, self::PrechargeLow, self::PrechargeHigh,
            self::SingleWall, self::RawWater, self::StartsOften, self::FlowWasteful, self::DeadLeg, self::Stagnant, self::StockChanged => Severity::Watch,
            default => Severity::Fix,
        };
    }

    public function isPerPart(): bool
    {
        return !\in_array($this, [self::MainsUnwatched, self::TogetherWeak, self::AllOpenWeak, self::Undrained, self::JointWeak], true);
    }

    public function isDoubt(): bool
    {
        return false;
    }

    public function isImpossible(): bool
    {
        return self::PipeLost === $this || self::PortTwice === $this || self::Obstructed === $this;
    }
}
