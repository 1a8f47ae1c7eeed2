<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Payload\RigKind;

/** Every word that depends on the kind of rig. */
final readonly class RigWords
{
    /** @param int $axles that carry together behind, 1 where each carries for itself */
    private function __construct(
        private RigKind $kind,
        private int $axles,
    ) {
    }

    public static function of(PlannedRig $rig): self
    {
        $group = match (true) {
            $rig instanceof PlannedRoadRig => $rig->rear(),
            $rig instanceof PlannedTrailer => $rig->axle(),
            default => null,
        };

        return new self($rig->kind(), \count($group->shares ?? [1.0]));
    }

    /** The label of a measured field, with the words in braces filled in. */
    public function label(string $label): string
    {
        return !str_contains($label, '{') ? $label : strtr($label, ['{Along}' => $this->along(), '{along}' => lcfirst($this->along()), '{Floor}' => $this->isBoat() ? 'Sole above keel' : 'Floor above ground']);
    }

    /** What a place along the rig is measured from. */
    public function along(): string
    {
        return match ($this->kind) {
            RigKind::Road => 'From front axle',
            RigKind::Trailer => 'From coupling',
            RigKind::Boat => 'Aft of amidships',
        };
    }

    /** Between two stays: “on the road”. */
    public function underway(): string
    {
        return $this->isBoat() ? 'under way' : 'on the road';
    }

    public function travel(): string
    {
        return $this->isBoat() ? 'sail' : 'travel';
    }

    public function drive(): string
    {
        return match ($this->kind) {
            RigKind::Road => 'drive',
            RigKind::Trailer => 'tow',
            RigKind::Boat => 'sail',
        };
    }

    public function grossName(): string
    {
        return $this->isBoat() ? 'load limit' : 'gross limit';
    }

    /** What the gross limit is about. */
    public function whole(): string
    {
        return $this->isBoat() ? 'the load aboard' : 'the whole rig';
    }

    /** The axles that carry together, as one: “axle pair”. */
    public function axles(): string
    {
        return match ($this->axles) {
            1 => 'axle',
            2 => 'axle pair',
            default => 'axle group',
        };
    }

    /** What heights are measured from. */
    public function ground(): string
    {
        return $this->isBoat() ? 'keel' : 'ground';
    }

    public function left(): string
    {
        return $this->isBoat() ? 'port' : 'left';
    }

    public function right(): string
    {
        return $this->isBoat() ? 'starboard' : 'right';
    }

    /** The heading over plate, ticket and sizes. */
    public function papers(): string
    {
        return $this->isBoat() ? 'Her papers and sizes' : 'The rig’s plate, ticket and sizes';
    }

    public function ticket(): string
    {
        return $this->isBoat() ? 'What is aboard, under way' : 'Weigh ticket, on the road';
    }

    /** Whether a limit holds also where the rig stands, so that nothing may be brimmed on arrival against it. */
    public function limitHoldsAtRest(): bool
    {
        return $this->isBoat();
    }

    private function isBoat(): bool
    {
        return RigKind::Boat === $this->kind;
    }
}
