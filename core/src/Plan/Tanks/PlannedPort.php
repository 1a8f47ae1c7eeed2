<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Bay\Box;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** An opening in a tank's wall: its centre on a face, its bore, and the room for the fitting and elbow in front of it. */
final readonly class PlannedPort implements PlanPart
{
    use WrittenAsDeclared;

    /** A fitting is wider than its bore by its nut. */
    private const NUT_MM = 30.0;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('the port’s name', Text::LONGEST_NAME)]
        public string $name,
        #[Choice('For')]
        public PortRole $role,
        #[Choice('On its')]
        public Face $face,
        /** Rearward from the tank's front; on its front and rear face rightward from its left. */
        #[Measured('how far along its face a port sits', 'Along the face', Kind::Length, Unit::Millimetre, 0, 4000)]
        public float $alongMm,
        /** Upward from the tank's floor; on its top and bottom rightward from its left. */
        #[Measured('how far up its face a port sits', 'Up the face', Kind::Length, Unit::Millimetre, 0, 4000)]
        public float $upMm,
        #[Measured('the bore of a port and its hose', 'Bore', Kind::Length, Unit::Millimetre, 3, 120)]
        public float $boreMm,
        #[Measured('the room that its fitting needs in front of the face', 'Fitting sticks out', Kind::Length, Unit::Millimetre, 0, 400)]
        public float $roomMm,
        /** Or only a place where the maker allows a hole. */
        #[YesNo('Drilled')]
        public bool $drilled,
        /** As PortEnd reads it: what its fitting, or the port as it is moulded, joins to outside; null while nobody has measured it. */
        #[Text('what it joins to outside: “barb 13.8”', PortEnd::LONGEST)]
        public ?string $end = null,
        #[Text('what the catalogue calls the fitting in it', Id::MAX_LENGTH)]
        public ?string $fitting = null,
    ) {
    }

    /**
     * @param array{float, float, float} $sizeMm of the tank
     *
     * @return array{float, float, float} its middle, in mm from the tank's low corner
     */
    public function atMm(array $sizeMm): array
    {
        $axes = match ($this->face->axis()) {
            0 => [1, 2],
            1 => [0, 2],
            default => [0, 1],
        };
        $at = [0.0, 0.0, 0.0];
        // On a tank that has been made smaller it sits at the edge.
        $at[$axes[0]] = min($this->alongMm, $sizeMm[$axes[0]]);
        $at[$axes[1]] = min($this->upMm, $sizeMm[$axes[1]]);
        $at[$this->face->axis()] = $this->isAtTheFarEnd() ? $sizeMm[$this->face->axis()] : 0.0;

        return [$at[0], $at[1], $at[2]];
    }

    /** After a quarter turn of its tank, of which the length was $lengthMm. */
    public function turned(float $lengthMm): self
    {
        $values = match ($this->face) {
            Face::Front => ['face' => Face::Right],
            Face::Right => ['face' => Face::Rear, 'alongMm' => max(0.0, $lengthMm - $this->alongMm)],
            Face::Rear => ['face' => Face::Left],
            Face::Left => ['face' => Face::Front, 'alongMm' => max(0.0, $lengthMm - $this->alongMm)],
            Face::Top, Face::Bottom => ['alongMm' => $this->upMm, 'upMm' => max(0.0, $lengthMm - $this->alongMm)],
        };

        return PartFields::changed($this, $values);
    }

    /** How high its lowest edge stands above the tank's floor. */
    public function lowestMm(): float
    {
        return match ($this->face) {
            Face::Bottom => 0.0,
            Face::Top => \INF,
            default => max(0.0, $this->upMm - $this->boreMm / 2),
        };
    }

    private function isAtTheFarEnd(): bool
    {
        return \in_array($this->face, [Face::Rear, Face::Right, Face::Top], true);
    }

    /**
     * What must be free for its fitting, in mm from the tank's low corner.
     *
     * @param array{float, float, float} $sizeMm of the tank
     */
    public function room(array $sizeMm): Box
    {
        $halfMm = ($this->boreMm + self::NUT_MM) / 2;
        $at = $this->atMm($sizeMm);
        $axis = $this->face->axis();
        // At the edge of the tank the nut is cut off, or smaller.
        $low = array_map(static fn (float $mm): float => max(0.0, $mm - $halfMm), $at);
        $high = array_map(static fn (float $mm, float $mostMm): float => min($mostMm, $mm + $halfMm), $at, $sizeMm);
        // Where nothing sits yet, nothing stands out.
        $roomMm = PortRole::Spare === $this->role ? 0.0 : $this->roomMm;
        $out = $this->isAtTheFarEnd();
        $low[$axis] = $at[$axis] - ($out ? 0.0 : $roomMm);
        $high[$axis] = $at[$axis] + ($out ? $roomMm : 0.0);

        return new Box([$low[0], $low[1], $low[2]], [$high[0], $high[1], $high[2]]);
    }
}
