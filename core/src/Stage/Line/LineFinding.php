<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Stage\Line\Rule\SinkUnder;

/** What can be found on the Line stage. */
enum LineFinding: string implements FindingCode
{
    case PortLoose = 'line.port-loose';
    case PipeLost = 'line.pipe-lost';
    case PortTwice = 'line.port-twice';
    case CurveRises = 'line.curve-rises';
    case NoWater = 'line.no-water';
    case Backwards = 'line.backwards';
    case StrainerMissing = 'line.strainer-missing';
    case FilterBeforePump = 'line.filter-before-pump';
    case VesselBeforePump = 'line.vessel-before-pump';
    case HeaterNoCheck = 'line.heater-no-check';
    case HeaterClosed = 'line.heater-closed';
    case MixerOpen = 'line.mixer-open';
    case OverRated = 'line.over-rated';
    case JointWeak = 'line.joint-weak';
    case TooHot = 'line.too-hot';
    case MainsOut = 'line.mains-out';
    case SucksAir = 'line.sucks-air';
    case OpenEnd = 'line.open-end';
    case MainsIntoTank = 'line.mains-into-tank';
    case SinkUnder = 'line.sink-under';
    case MainsUnwatched = 'line.mains-unwatched';
    case ModeBlocked = 'line.mode-blocked';
    case FillToOutlet = 'line.fill-to-outlet';
    case BlowAstray = 'line.blow-astray';
    case Undrained = 'line.undrained';
    case FlowLow = 'line.flow-low';
    case TogetherWeak = 'line.together-weak';
    case FilterStarves = 'line.filter-starves';
    case SuctionHigh = 'line.suction-high';
    case PumpUnstopped = 'line.pump-unstopped';
    case Stutters = 'line.stutters';
    case StartsOften = 'line.starts-often';
    case FlowWasteful = 'line.flow-wasteful';
    case NotForDrinking = 'line.not-for-drinking';
    case Scald = 'line.scald';
    case DeadLeg = 'line.dead-leg';
    case Stagnant = 'line.stagnant';
    case StockChanged = 'line.stock-changed';

    public function severity(): Severity
    {
        return match ($this) {
            self::HeaterClosed, self::OverRated, self::JointWeak, self::OpenEnd, self::MainsIntoTank, self::Scald => Severity::Stop,
            self::MainsUnwatched, self::FillToOutlet, self::BlowAstray, self::Undrained, self::StartsOften, self::FlowWasteful, self::DeadLeg, self::Stagnant, self::StockChanged => Severity::Watch,
            default => Severity::Fix,
        };
    }

    public function isPerPart(): bool
    {
        return !\in_array($this, [self::MainsUnwatched, self::TogetherWeak, self::Undrained, self::JointWeak], true);
    }

    public function isDoubt(): bool
    {
        return false;
    }

    public function isImpossible(): bool
    {
        return self::PipeLost === $this || self::PortTwice === $this;
    }

    public function meaning(): string
    {
        return match ($this) {
            self::PortLoose => 'A port of a part to which nothing is joined, so that water stops there or runs out.',
            self::PipeLost => 'A pipe names a port that no part or tank of the plan has.',
            self::PortTwice => 'Two pipes are joined to one port.',
            self::CurveRises => 'A pump’s curve does not begin at no flow, or does not fall: the pump is left out of the sums.',
            self::NoWater => 'No water comes to an outlet, whichever way the valves are turned.',
            self::Backwards => 'A part with an arrow stands against the water.',
            self::StrainerMissing => 'A pump with a motor draws without a strainer before it.',
            self::FilterBeforePump => 'A filter stands before the pump: it chokes the suction, and catches what a strainer is for.',
            self::VesselBeforePump => 'An accumulator stands before the pump, where no pressure is.',
            self::HeaterNoCheck => 'A storage heater has no non-return valve before it: hot water comes back into the cold.',
            self::HeaterClosed => 'Behind a non-return valve a storage heater has neither a vessel nor a relief valve on its side.',
            self::MixerOpen => 'The hot side of a mixer is open or capped: it leaks, or its water stagnates.',
            self::OverRated => 'A part or a pipe can meet a pressure above what it is rated for, in one of the modes or when an outlet is shut at once.',
            self::JointWeak => 'The joints of a pipe can meet more pressure than such joints usually hold at their temperature.',
            self::TooHot => 'Water comes that is hotter than a part or a pipe is made for.',
            self::MainsOut => 'In use, water leaves by an inlet in the wall.',
            self::SucksAir => 'In use, a hose that ends in the open air hangs on the suction of a pump.',
            self::OpenEnd => 'In use, water runs out of a free end or an open drain.',
            self::MainsIntoTank => 'On mains, water presses into a tank.',
            self::SinkUnder => \sprintf('On a boat a sink that drains outside stands less than %s m over the water when she heels, its floor %s m below its tap.', SinkUnder::ABOVE_M, SinkUnder::BELOW_TAP_M),
            self::MainsUnwatched => 'A boat is joined to mains: left on, a burst joint sinks her.',
            self::ModeBlocked => 'A mode that no position of the valves gives.',
            self::FillToOutlet => 'What is drawn from a bucket to fill the tank comes to an outlet too.',
            self::BlowAstray => 'Air that is blown in to empty the line reaches a tank, or is pressed through a filter.',
            self::Undrained => 'Water stays in pipes that no drain empties: more than 20 mL.',
            self::FlowLow => 'An outlet alone gives less than is comfortable there.',
            self::TogetherWeak => 'Of the outlets that are to run together one gives less than is comfortable there.',
            self::FilterStarves => 'A filter at the end of its life leaves an outlet less than it wants, which would have enough without it.',
            self::SuctionHigh => 'A pump has to pull more than it can, running or dry.',
            self::PumpUnstopped => 'A pump with a motor and no switch feeds an outlet that does not switch it: it runs on against shut taps.',
            self::Stutters => 'The precharge of an accumulator lies above the pump’s cut-in: it is empty before the pump starts.',
            self::StartsOften => 'At a trickle of 1 L/min a pump starts more than 120 times an hour.',
            self::FlowWasteful => 'An outlet gives more than half as much again as is of use there.',
            self::NotForDrinking => 'Drinking or cooking water passes a part or a pipe that is not made for it.',
            self::Scald => 'Water above 50 °C can come out at a tap or a shower, with no mixing valve before it.',
            self::DeadLeg => 'More than a litre runs away before hot water comes.',
            self::Stagnant => 'More than 50 mL stand in a pipe that ends at a cap and never move.',
            self::StockChanged => 'The catalogue knows other figures of a part than the plan was computed with, or does not know it.',
        };
    }
}
