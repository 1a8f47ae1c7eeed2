<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A boat; its origin is amidships. */
#[Tag('kind', RigKind::Boat)]
final readonly class PlannedBoat implements PlannedRig
{
    use WrittenAsDeclared;

    /** Where nobody has said it: her deck edge near the water. */
    private const USUAL_HEEL_DEG = 20.0;
    /** Two people who step a metre across may heel her so far. A rule of thumb. */
    public const PEOPLE_HEEL_DEG = 10.0;
    /** In kg · m. */
    private const PEOPLE_KG_M = 2 * 80.0 * 1.0;
    /** Nothing that sails has less. A rule of thumb; the code for fishing vessels asks for as much. */
    public const LEAST_GM_M = 0.35;

    public function __construct(
        #[Choice('Outline', [BodyOutline::Boat])]
        public BodyOutline $body,
        #[Inline]
        public RigSizes $sizes,
        #[Measured('the displacement', 'Displacement, empty', Kind::Mass, Unit::Kilogram, 100, 60000, 'Papers', 'displacement_kg')]
        public float $displacementKg,
        #[Measured('the metacentric height', 'Metacentric height', Kind::Length, Unit::Metre, 0.05, 5, 'Papers')]
        public float $gmM,
        #[Measured('the load limit', 'Load limit', Kind::Mass, Unit::Kilogram, 50, 20000, 'Papers', 'load_limit_kg')]
        public float $loadLimitKg,
        /** Of the keel below the water, empty; without it the heights of what is aboard do not count. */
        #[Measured('the draught', 'Draught, empty', Kind::Length, Unit::Metre, 0.05, 5, 'Papers')]
        public ?float $draughtM,
        /** As far as she is sailed. */
        #[Measured('how far she heels', 'Heels to', Kind::Angle, Unit::Degree, 1, 60, 'Papers')]
        public ?float $heelDeg = null,
    ) {
    }

    public function kind(): RigKind
    {
        return RigKind::Boat;
    }

    public function sizes(): RigSizes
    {
        return $this->sizes;
    }

    /** How far she heels, as somebody has said or as is usual. */
    public function heelsDeg(): float
    {
        return $this->heelDeg ?? self::USUAL_HEEL_DEG;
    }

    /**
     * The metacentric height that she needs, in m: the smaller she is, the more a person weighs in her.
     *
     * tan φ = m · d ÷ (Δ · GM). Source: the inclining experiment.
     */
    public function leastGmM(): float
    {
        return max(self::LEAST_GM_M, self::PEOPLE_KG_M / ($this->displacementKg * tan(deg2rad(self::PEOPLE_HEEL_DEG))));
    }

    /** The height of a place above the water when she heels to its side; null without a draught. */
    public function aboveWaterM(float $zM, float $yM): ?float
    {
        $heel = deg2rad($this->heelsDeg());

        return null === $this->draughtM ? null : ($zM - $this->draughtM) * cos($heel) - abs($yM) * sin($heel);
    }

    /** The least height at which a place lies so far over the water then. */
    public function heightOverWaterM(float $aboveM, float $yM): float
    {
        $heel = deg2rad($this->heelsDeg());

        return ($this->draughtM ?? 0.0) + ($aboveM + abs($yM) * sin($heel)) / cos($heel);
    }

    /** How far from the middle a place at this height may be to stay that far above the water; negative if nowhere. */
    public function asideOverWaterM(float $aboveM, float $zM): float
    {
        $heel = deg2rad($this->heelsDeg());

        return (($zM - ($this->draughtM ?? 0.0)) * cos($heel) - $aboveM) / sin($heel);
    }

    public function bodyFromM(): float
    {
        return -$this->sizes->lengthM / 2;
    }

    public function stowFromM(): float
    {
        return $this->bodyFromM();
    }
}
