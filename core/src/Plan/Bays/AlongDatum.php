<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Input\NamedChoice;
use YardCask\Core\Plan\Rig\PlannedRig;

/** What a place along the rig is taped from, as it can be reached. */
enum AlongDatum: string implements NamedChoice
{
    /** The rig's own: front axle, coupling or amidships. */
    case Origin = 'origin';
    /** The wall before the living space; the front of the body where no bulkhead is given. */
    case Bulkhead = 'bulkhead';
    case RearSill = 'rear_sill';

    public function word(): string
    {
        return match ($this) {
            self::Origin => 'front axle, coupling or amidships',
            self::Bulkhead => 'bulkhead',
            self::RearSill => 'rear sill',
        };
    }

    /** How far behind the rig's origin it lies, in m. */
    public function atM(PlannedRig $rig): float
    {
        return match ($this) {
            self::Origin => 0.0,
            self::Bulkhead => $rig->sizes()->bulkheadM ?? $rig->bodyFromM(),
            self::RearSill => $rig->bodyFromM() + $rig->sizes()->lengthM,
        };
    }

    /** The tape's reading from this datum to something that begins $fromM behind the rig's origin; from the rear sill it goes forward to the far end. */
    public function tapedM(float $fromM, float $lengthM, PlannedRig $rig): float
    {
        return self::RearSill === $this ? $this->atM($rig) - $fromM - $lengthM : $fromM - $this->atM($rig);
    }

    /** Where it begins, by what was taped. */
    public function fromM(float $tapedM, float $lengthM, PlannedRig $rig): float
    {
        return self::RearSill === $this ? $this->atM($rig) - $tapedM - $lengthM : $this->atM($rig) + $tapedM;
    }
}
