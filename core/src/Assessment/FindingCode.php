<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** Every kind of finding that there is. docs/findings.md is generated from this. */
enum FindingCode: string
{
    case UseShort = 'use.short';
    case DrinkingMissing = 'use.drinking-missing';
    case DrinkingShort = 'use.drinking-short';
    case CanEnough = 'use.can-enough';
    case GrossOver = 'load.gross-over';
    case FrontOver = 'load.front-over';
    case RearOver = 'load.rear-over';
    case NoseOver = 'load.nose-over';
    case AxleOver = 'load.axle-over';
    case GrossOverFull = 'load.gross-over-full';
    case FrontOverFull = 'load.front-over-full';
    case RearOverFull = 'load.rear-over-full';
    case NoseOverFull = 'load.nose-over-full';
    case AxleOverFull = 'load.axle-over-full';
    case NoseLight = 'load.nose-light';
    case StabilityThin = 'load.stability-thin';
    case EstimateTight = 'load.estimate-tight';
    case ReserveThin = 'load.reserve-thin';
    case NotWeighed = 'load.not-weighed';
    case SideDifference = 'load.side-difference';
    case Heel = 'load.heel';
    case TankOversized = 'tanks.oversized';
    case OutletHigh = 'tanks.outlet-high';
    case OverflowLow = 'tanks.overflow-low';
    case TankOutside = 'tanks.outside';
    case TanksCollide = 'tanks.collide';

    public function severity(): Severity
    {
        return match ($this) {
            self::GrossOver, self::FrontOver, self::RearOver, self::NoseOver, self::AxleOver, self::NoseLight, self::StabilityThin => Severity::Stop,
            self::UseShort, self::DrinkingMissing, self::DrinkingShort, self::EstimateTight, self::OutletHigh, self::OverflowLow, self::TankOutside, self::TanksCollide => Severity::Fix,
            default => Severity::Watch,
        };
    }

    public function stage(): Stage
    {
        return Stage::from(explode('.', $this->value)[0]);
    }

    /** Whether a plan can have several of these, each about parts of its own. */
    public function isPerPart(): bool
    {
        return \in_array($this, [self::EstimateTight, self::OutletHigh, self::OverflowLow, self::TankOutside, self::TanksCollide], true);
    }

    /** When the finding is made, with its threshold. */
    public function meaning(): string
    {
        return match ($this) {
            self::UseShort => 'The main tanks give less than the stay needs with its reserve.',
            self::DrinkingMissing => 'No use is called drinking and none is drawn from the drinking supply.',
            self::DrinkingShort => 'Drinking water is kept apart, but its cans hold less than is needed.',
            self::CanEnough => 'A fixed tank is planned where one 20 L can would do: for the whole stay, or for a day at serviced sites.',
            self::GrossOver => 'At the chosen travel fill the rig weighs more than its gross (or load) limit.',
            self::FrontOver => 'At the chosen travel fill the front axle carries more than its limit.',
            self::RearOver => 'At the chosen travel fill the rear axle carries more than its limit.',
            self::NoseOver => 'At the chosen travel fill the nose weighs more than its limit.',
            self::AxleOver => 'At the chosen travel fill the trailer\'s axle carries more than its limit.',
            self::GrossOverFull => 'Brim full the rig would weigh more than its gross (or load) limit; at the travel fill it does not.',
            self::FrontOverFull => 'Brim full the front axle would carry more than its limit; at the travel fill it does not.',
            self::RearOverFull => 'Brim full the rear axle would carry more than its limit; at the travel fill it does not.',
            self::NoseOverFull => 'Brim full the nose would weigh more than its limit; at the travel fill it does not.',
            self::AxleOverFull => 'Brim full the trailer\'s axle would carry more than its limit; at the travel fill it does not.',
            self::NoseLight => 'The nose carries less than 4 % of the trailer at the travel fill, so that it may sway.',
            self::StabilityThin => 'Less than 0.15 m of metacentric height is left once the slack tanks are counted.',
            self::EstimateTight => 'A weight is estimated, and the usual error of an estimate (4 %) is more than what is left to a limit.',
            self::ReserveThin => 'Less than 3 % of the gross limit is left at the travel fill.',
            self::NotWeighed => 'A weight is estimated instead of weighed.',
            self::SideDifference => 'One side\'s wheels carry more than the other\'s by over 4 % of the whole, brim full.',
            self::Heel => 'The boat lies over by more than 1.5° with full tanks.',
            self::TankOversized => 'The main tanks give over 1.5 times the upper end of the likely need.',
            self::OutletHigh => 'More than 8 % of a tank lies below its outlet.',
            self::OverflowLow => 'More than 8 % of a tank lies above its overflow.',
            self::TankOutside => 'A tank stands partly outside the rig.',
            self::TanksCollide => 'Two tanks take up the same space.',
        };
    }
}
