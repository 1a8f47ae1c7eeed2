<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** How hard a rig brakes and pulls away, and how steep its roads are; null for what is usual with such a rig. */
final readonly class RoadMovement
{
    public const GROUP = 'Brakes and hills';
    private const CRASH_G = 10.0;

    public function __construct(
        #[Measured('how hard it brakes, in g', 'Brakes with, g (usually {brakes})', Kind::Count, Unit::One, 0.1, 1.2, self::GROUP)]
        public ?float $brakesG = null,
        #[Measured('how hard it pulls away, in g', 'Pulls away with, g (usually {pulls})', Kind::Count, Unit::One, 0.02, 0.6, self::GROUP)]
        public ?float $pullsG = null,
        #[Measured('the steepest hill', 'Steepest hill (usually {hill} %)', Kind::Share, Unit::Fraction, 0.01, 0.6, self::GROUP)]
        public ?float $hill = null,
        #[Measured('the steepest lean to a side', 'Steepest lean (usually {lean} %)', Kind::Share, Unit::Fraction, 0.01, 0.6, self::GROUP)]
        public ?float $lean = null,
        /** As local rules have what is fixed in a vehicle stand it. */
        #[Measured('what a crash is taken as, in g', 'Crash, g (usually {crash})', Kind::Count, Unit::One, 1, 40, self::GROUP)]
        public ?float $crashG = null,
    ) {
    }

    /** As said, or else as is usual with an outline. */
    public function on(BodyOutline $body): self
    {
        $usual = self::usual($body);

        return new self(
            $this->brakesG ?? $usual->brakesG,
            $this->pullsG ?? $usual->pullsG,
            $this->hill ?? $usual->hill,
            $this->lean ?? $usual->lean,
            $this->crashG ?? $usual->crashG,
        );
    }

    /**
     * Rules of thumb: a van stops on dry tar at 0.8 g, a bus or a train with passengers and loose things at less; in first gear a laden van
     * gives 0.3 g, a bus half of that. A pick-up leaves the road. Lean: a pitch on a field, or a bend taken briskly. Crash: what the fittings
     * of an ambulance have to stand. Source: EN 1789.
     */
    public static function usual(BodyOutline $body): self
    {
        return match ($body) {
            BodyOutline::Bus => new self(0.6, 0.15, 0.15, 0.15, self::CRASH_G),
            BodyOutline::Trailer => new self(0.6, 0.2, 0.2, 0.2, self::CRASH_G),
            BodyOutline::Pickup => new self(0.8, 0.3, 0.3, 0.25, self::CRASH_G),
            default => new self(0.8, 0.3, 0.2, 0.2, self::CRASH_G),
        };
    }
}
