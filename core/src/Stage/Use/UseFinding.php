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
    case FlowDiffers = 'use.flow-differs';
    case OutletMissing = 'use.outlet-missing';
    case DrainMissing = 'use.drain-missing';
    case DrainsOutside = 'use.drains-outside';
    case CanEnough = 'use.can-enough';
    case NoteOrphaned = 'use.note-orphaned';
    case NoteAhead = 'use.note-ahead';

    public function severity(): Severity
    {
        return match ($this) {
            self::CanEnough, self::DrainsOutside, self::FlowDiffers, self::NoteOrphaned, self::NoteAhead => Severity::Watch,
            default => Severity::Fix,
        };
    }

    public function isPerPart(): bool
    {
        return \in_array($this, [self::DrainMissing, self::OutletMissing, self::FlowDiffers], true);
    }

    public function isDoubt(): bool
    {
        return false;
    }

    public function isImpossible(): bool
    {
        return \in_array($this, [self::DrainMissing, self::OutletMissing], true);
    }
}
