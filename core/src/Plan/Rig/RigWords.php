<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Payload\RigKind;

/** Every word that depends on the kind of rig. */
final readonly class RigWords
{
    /** @param int<1, max> $axles that carry together behind, 1 where each carries for itself */
    private function __construct(
        public RigKind $kind,
        public int $axles,
        private RoadMovement $usual,
    ) {
    }

    public static function of(PlannedRig $rig): self
    {
        $group = match (true) {
            $rig instanceof PlannedRoadRig => $rig->rear(),
            $rig instanceof PlannedTrailer => $rig->axle(),
            default => null,
        };

        $body = $rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->body : BodyOutline::Boat;

        return new self($rig->kind(), \count($group->shares ?? [1.0]), RoadMovement::usual($body));
    }

    /** The label of a measured field, with the words in braces filled in. */
    public function label(string $label): string
    {
        return !str_contains($label, '{')
            ? $label
            : strtr(
                $label,
                [
                    '{Along}' => $this->along(),
                    '{along}' => lcfirst($this->along()),
                    '{brakes}' => (string) $this->usual->brakesG,
                    '{crash}' => (string) $this->usual->crashG,
                    '{pulls}' => (string) $this->usual->pullsG,
                    '{hill}' => (string) (100 * ($this->usual->hill ?? 0.0)),
                    '{lean}' => (string) (100 * ($this->usual->lean ?? 0.0)),
                    '{Floor}' => $this->isBoat() ? 'Sole above keel' : 'Floor above ground',
                ],
            );
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

    /** Whether a limit also applies when parked, so that tanks may not be brimmed on arrival beyond it. */
    public function limitHoldsAtRest(): bool
    {
        return $this->isBoat();
    }

    private function isBoat(): bool
    {
        return RigKind::Boat === $this->kind;
    }
}
