<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;

/** What can be found on the Use stage. */
enum UseFinding: string implements FindingCode
{
    case UseShort = 'use.short';
    case DrinkingMissing = 'use.drinking-missing';
    case DrinkingShort = 'use.drinking-short';
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

    public function meaning(): string
    {
        return match ($this) {
            self::UseShort => 'What is aboard when the stay begins is less than it needs with its reserve: brim full where there is a tap on arrival, as it travels where there is none.',
            self::DrinkingMissing => 'No use is called drinking and none is drawn from the drinking supply.',
            self::DrinkingShort => 'Drinking water is kept apart, but its cans hold less than is needed.',
            self::DrainMissing => 'A use drains into a tank that is not there, or that does not take waste.',
            self::DrainsOutside => 'Used water runs outside and no tank takes it.',
            self::CanEnough => 'A fixed tank is planned where one 20 L can would do: for the whole stay, or for a day at serviced sites.',
        };
    }
}
