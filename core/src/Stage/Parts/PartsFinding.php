<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\KeyedByPart;
use YardCask\Core\Assessment\Severity;

/** What can be found on the Parts stage. */
enum PartsFinding: string implements FindingCode
{
    use KeyedByPart;

    case Leaks = 'parts.leaks';
    case Apart = 'parts.apart';
    case AdapterWeak = 'parts.adapter-weak';
    case AdapterNotForDrinking = 'parts.adapter-not-for-drinking';
    case Unmeasured = 'parts.unmeasured';
    case ClampShakes = 'parts.clamp-shakes';
    case MetalInPlastic = 'parts.metal-in-plastic';
    case HoleCrowded = 'parts.hole-crowded';
    case FittingCramped = 'parts.fitting-cramped';
    case PortOutOfReach = 'parts.out-of-reach';
    case PipeUnheld = 'parts.unheld';
    case ManyMethods = 'parts.many-methods';
    case BoughtInstead = 'parts.bought-instead';
    case BoughtUnknown = 'parts.bought-unknown';
    case BoughtSpare = 'parts.bought-spare';
    case LengthAssumed = 'parts.length-assumed';

    public function severity(): Severity
    {
        return match ($this) {
            self::Leaks, self::Apart, self::AdapterNotForDrinking, self::HoleCrowded, self::FittingCramped, self::BoughtInstead => Severity::Fix,
            self::AdapterWeak => Severity::Stop,
            default => Severity::Watch,
        };
    }

    public function isPerPart(): bool
    {
        return false;
    }

    public function isDoubt(): bool
    {
        return false;
    }

    public function isImpossible(): bool
    {
        return false;
    }
}
