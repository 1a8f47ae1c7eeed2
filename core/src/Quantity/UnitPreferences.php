<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

use YardCask\Core\Input\InputReader;

/** The units that a plan is shown in and that a bare number is read in: one choice a kind. */
final readonly class UnitPreferences
{
    /** @var array<string, non-empty-list<Unit>> the choices of each kind, the default first */
    public const CHOICES = [
        'volume' => [Unit::Litre, Unit::UsGallon, Unit::ImperialGallon],
        'length' => [Unit::Millimetre, Unit::Inch],
        'mass' => [Unit::Kilogram, Unit::Pound],
        'pressure' => [Unit::Kilopascal, Unit::Bar, Unit::Psi],
        'temperature' => [Unit::Celsius, Unit::Fahrenheit],
    ];

    /** @var array<string, string> what each kind is called */
    public const LABELS = ['volume' => 'Volume', 'length' => 'Length', 'mass' => 'Weight', 'pressure' => 'Pressure', 'temperature' => 'Temperature'];

    public function __construct(
        public Unit $volume = Unit::Litre,
        public Unit $length = Unit::Millimetre,
        public Unit $mass = Unit::Kilogram,
        public Unit $pressure = Unit::Kilopascal,
        public Unit $temperature = Unit::Celsius,
    ) {
    }

    /**
     * Reads one choice a kind; those in $optional may be missing.
     *
     * @param list<string> $optional
     */
    public static function read(InputReader $in, array $optional = []): self
    {
        $units = [];
        foreach (self::CHOICES as $kind => $choices) {
            $units[] = $in->choice($kind, $choices, \in_array($kind, $optional, true) ? $choices[0] : null);
        }

        return new self(...$units);
    }

    /** The unit in which a quantity of this kind is shown, and in which a bare number is read. */
    public function for(Kind $kind): Unit
    {
        return match ($kind) {
            Kind::Volume => $this->volume,
            Kind::Length, Kind::Sideways => $this->length,
            Kind::Mass => $this->mass,
            Kind::Pressure => $this->pressure,
            Kind::Temperature => $this->temperature,
            Kind::Flow => match ($this->volume) {
                Unit::UsGallon => Unit::UsGallonPerMinute,
                Unit::ImperialGallon => Unit::ImperialGallonPerMinute,
                default => Unit::LitrePerMinute,
            },
            Kind::Duration => Unit::Minute,
            Kind::Period => Unit::Second,
            Kind::Days => Unit::Day,
            Kind::Share => Unit::Percent,
            Kind::Angle => Unit::Degree,
            Kind::Count, Kind::Times => Unit::One,
        };
    }
}
