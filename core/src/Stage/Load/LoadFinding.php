<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Stage\Load\Rule\BoatTrim;
use YardCask\Core\Stage\Load\Rule\NoseLight;
use YardCask\Core\Stage\Load\Rule\ReserveThin;
use YardCask\Core\Stage\Load\Rule\SideDifference;
use YardCask\Core\Stage\Load\Rule\SteeringLight;

/** What can be found on the Load stage. */
enum LoadFinding: string implements FindingCode
{
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
    case NoseThin = 'load.nose-thin';
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
            self::GrossOver, self::FrontOver, self::RearOver, self::NoseOver, self::AxleOver, self::NoseLight, self::StabilityThin, self::TyreOver => Severity::Stop,
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

    public function meaning(): string
    {
        $percent = static fn (float $share): string => round(100 * $share).' %';

        return match ($this) {
            self::GrossOver => 'Somewhere from setting off to used up, or empty, the rig weighs more than its gross (or load) limit.',
            self::FrontOver => 'Somewhere from setting off to used up, or empty, the front axle carries more than its limit.',
            self::RearOver => 'Somewhere from setting off to used up, or empty, the rear axle carries more than its limit.',
            self::NoseOver => 'Somewhere from setting off to used up, or empty, the nose weighs more than its limit.',
            self::AxleOver => 'Somewhere from setting off to used up, or empty, the trailer’s axle carries more than its limit.',
            self::GrossOverFull => 'From brim full on the rig would weigh more than its gross (or load) limit; as it travels it does not.',
            self::FrontOverFull => 'From brim full on the front axle would carry more than its limit; as it travels it does not.',
            self::RearOverFull => 'From brim full on the rear axle would carry more than its limit; as it travels it does not.',
            self::NoseOverFull => 'From brim full on the nose would weigh more than its limit; as it travels it does not.',
            self::AxleOverFull => 'From brim full on the trailer’s axle would carry more than its limit; as it travels it does not.',
            self::OverRefilled => 'Filled again for the road with the waste still aboard, a limit would be broken that otherwise holds.',
            self::NoseLight => \sprintf('Somewhere from setting off to used up, or empty, the nose carries less than %s of the trailer, so that it may sway.', $percent(NoseLight::LEAST_SHARE)),
            self::NoseThin => \sprintf('The nose carries between %s and %s of the trailer at its least.', $percent(NoseLight::LEAST_SHARE), $percent(NoseLight::GOOD_SHARE)),
            self::SteeringLight => \sprintf('Less than %s of the whole rests on the steered axle somewhere from setting off to used up, or empty.', $percent(SteeringLight::LEAST_SHARE)),
            self::StabilityThin => \sprintf('Less than %s m of metacentric height is left once the slack tanks are counted, in the worst state.', BoatTrim::LEAST_GM_M),
            self::EstimateTight => 'A weight is estimated, and what that may hide is more than is left to a limit on the road.',
            self::ReserveThin => \sprintf('Less than %s of the gross limit is left on the road.', $percent(ReserveThin::SHARE_OF_LIMIT)),
            self::NotWeighed => 'A weight is estimated instead of weighed.',
            self::TyreOver => 'On the road a wheel carries more than its tyre may.',
            self::SideDifference => \sprintf('One side’s wheels carry more than the other’s by over %s of the whole, in some state from brim full to used up, or empty.', $percent(SideDifference::SHARE_OF_WHOLE)),
            self::Heel => \sprintf('The boat lies over by more than %s° in some state.', BoatTrim::HEEL_DEG),
            self::HeightsNotCounted => 'A boat’s draught is not known, so the heights of crew, loads and tanks do not count in her stability.',
            self::SeatMissing => 'More people travel than there are seats in the plan.',
            self::LoadOutside => 'A load or a seat stands beside, before or behind the rig, above its roof or below the ground.',
        };
    }
}
