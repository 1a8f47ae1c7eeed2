<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A space in the rig, measured as a box, in which tanks can be mounted; its place is kept as it was taped. */
final readonly class PlannedBay implements PlanPart
{
    use WrittenAsDeclared;

    public const MOST_OBSTRUCTIONS = 20;

    /** @param list<PlannedObstruction> $obstructions */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the bay’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('Lies')]
        public BayPlace $place,
        #[Measured('a bay’s length', 'Length, along', Kind::Length, Unit::Millimetre, 20, 20000)]
        public float $lengthMm,
        #[Measured('a bay’s width', 'Width, across', Kind::Length, Unit::Millimetre, 20, 6000)]
        public float $widthMm,
        #[Measured('a bay’s height', 'Height', Kind::Length, Unit::Millimetre, 20, 5000)]
        public float $heightMm,
        #[Choice('Along, from')]
        public AlongDatum $alongFrom,
        /** To the bay's front, and from the rear sill forward to its rear. */
        #[Measured('the way to the bay along the rig', 'Along', Kind::Length, Unit::Metre, -10, 20)]
        public float $alongM,
        #[Choice('Across, from')]
        public AcrossDatum $acrossFrom,
        /** To the side of the bay that is nearer to that wall. */
        #[Measured('the way to the bay across the rig', 'Across', Kind::Length, Unit::Metre, -3, 6)]
        public float $acrossM,
        /** Above the ground, or above the keel of a boat. */
        #[Measured('the height of a bay’s floor', 'Its floor at', Kind::Length, Unit::Metre, 0, 5)]
        public float $zM,
        #[Choice('Tanks go in through its')]
        public Face $opening,
        /** The width of the opening, across the rig for a face at the front or rear, otherwise along it; null for the whole face. */
        #[Measured('how wide its opening is', 'Opening, wide', Kind::Length, Unit::Millimetre, 20, 20000)]
        public ?float $openingWidthMm,
        /** Upward, or across the rig in the top or the bottom; null where it is as high as the face. */
        #[Measured('how high its opening is', 'Opening, high', Kind::Length, Unit::Millimetre, 20, 6000)]
        public ?float $openingHeightMm,
        #[YesNo('Frost reaches it')]
        public bool $frost,
        #[YesNo('Measured, not guessed')]
        public bool $taped,
        #[Inline(prefix: 'reach_')]
        public PlannedReach $reach,
        #[Parts(PlannedObstruction::class, self::MOST_OBSTRUCTIONS)]
        public array $obstructions,
    ) {
    }

    /** In mm from the rig's origin, its centreline and the ground. */
    public function space(PlannedRig $rig): Box
    {
        return Box::at([
            1000 * $this->alongFrom->fromM($this->alongM, $this->lengthMm / 1000, $rig),
            1000 * $this->acrossFrom->fromM($this->acrossM, $this->widthMm / 1000, $rig),
            1000 * $this->zM,
        ], $this->sizeMm());
    }

    /** @return array{float, float, float} length, width, height */
    public function sizeMm(): array
    {
        return [$this->lengthMm, $this->widthMm, $this->heightMm];
    }

    /** @return array{float, float} the sizes of the opening */
    public function openingMm(): array
    {
        [$wideMm, $highMm] = match ($this->opening->axis()) {
            0 => [$this->widthMm, $this->heightMm],
            1 => [$this->lengthMm, $this->heightMm],
            default => [$this->lengthMm, $this->widthMm],
        };

        return [min($wideMm, $this->openingWidthMm ?? $wideMm), min($highMm, $this->openingHeightMm ?? $highMm)];
    }
}
