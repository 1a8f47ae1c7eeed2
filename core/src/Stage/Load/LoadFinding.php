<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\KeyedByPart;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Payload\LimitName;

/** What can be found on the Load stage. */
enum LoadFinding: string implements FindingCode
{
    use KeyedByPart;

    case GrossOver = 'load.gross-over';
    case FrontOver = 'load.front-over';
    case RearOver = 'load.rear-over';
    case NoseOver = 'load.nose-over';
    case AxleOver = 'load.axle-over';
    case TyreOver = 'load.tyre-over';
    case NoseLight = 'load.nose-light';
    case StabilityThin = 'load.stability-thin';
    case EstimateTight = 'load.estimate-tight';
    case SeatMissing = 'load.seat-missing';
    case LoadOutside = 'load.outside';
    case GrossOverFull = 'load.gross-over-full';
    case FrontOverFull = 'load.front-over-full';
    case RearOverFull = 'load.rear-over-full';
    case NoseOverFull = 'load.nose-over-full';
    case AxleOverFull = 'load.axle-over-full';
    case OverRefilled = 'load.over-refilled';
    case SteeringLight = 'load.steering-light';
    case ReserveThin = 'load.reserve-thin';
    case NotWeighed = 'load.not-weighed';
    case SideDifference = 'load.side-difference';
    case Heel = 'load.heel';
    case HeightsNotCounted = 'load.heights-not-counted';

    public static function over(LimitName $limit): self
    {
        return match ($limit) {
            LimitName::Front => self::FrontOver,
            LimitName::Rear => self::RearOver,
            LimitName::Nose => self::NoseOver,
            LimitName::Axle => self::AxleOver,
            default => self::GrossOver,
        };
    }

    public static function overFull(LimitName $limit): self
    {
        return match ($limit) {
            LimitName::Front => self::FrontOverFull,
            LimitName::Rear => self::RearOverFull,
            LimitName::Nose => self::NoseOverFull,
            LimitName::Axle => self::AxleOverFull,
            default => self::GrossOverFull,
        };
    }

    public function severity(): Severity
    {
        return match ($this) {
            self::GrossOver, self::FrontOver, self::RearOver, self::NoseOver, self::AxleOver,
            self::NoseLight, self::StabilityThin, self::TyreOver => Severity::Stop,
            self::EstimateTight, self::SeatMissing, self::LoadOutside => Severity::Fix,
            default => Severity::Watch,
        };
    }

    public function isPerPart(): bool
    {
        return \in_array($this, [self::EstimateTight, self::LoadOutside], true);
    }

    public function isDoubt(): bool
    {
        return self::EstimateTight === $this;
    }

    public function isImpossible(): bool
    {
        return self::LoadOutside === $this;
    }
}
