<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\KeyedByPart;
use YardCask\Core\Assessment\Severity;

/** What can be found on the Use stage. */
enum UseFinding: string implements FindingCode
{
    use KeyedByPart;

    case UseShort = 'use.short';
    case DrinkingMissing = 'use.drinking-missing';
    case DrinkingShort = 'use.drinking-short';
    case ShowerMissing = 'use.shower-missing';
    case DrainMissing = 'use.drain-missing';
    case DrainsOutside = 'use.drains-outside';
    case CanEnough = 'use.can-enough';

    public function severity(): Severity
    {
        return match ($this) {
            self::CanEnough, self::DrainsOutside => Severity::Watch,
            default => Severity::Fix,
        };
    }

    public function isPerPart(): bool
    {
        return self::DrainMissing === $this;
    }

    public function isDoubt(): bool
    {
        return false;
    }

    public function isImpossible(): bool
    {
        return self::DrainMissing === $this;
    }
}
