<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Payload\RigKind;

/** The rig, what comes aboard besides water, and how full the main tanks travel. */
final readonly class LoadPlan implements \JsonSerializable
{
    public const MOST_LOADS = 60;

    /** @param list<PlannedLoad> $loads */
    public function __construct(
        public PlannedRig $rig,
        public array $loads,
        /** From 0 to 1 of what the main tanks hold brim full, but for those that say so themselves. */
        public float $travelFill,
    ) {
    }

    public static function read(InputReader $in, PlanIds $ids): self
    {
        $rig = $in->object('rig');
        $kind = $rig->choice('kind', RigKind::cases());
        if ($rig->failed()) {
            // Which fields belong here depends on the kind.
            $rig->throwIfInvalid();
        }
        $load = new self(
            match ($kind) {
                RigKind::Road => PlannedRoadRig::read($rig),
                RigKind::Trailer => PlannedTrailer::read($rig),
                RigKind::Boat => PlannedBoat::read($rig),
            },
            array_map(static fn (InputReader $one): PlannedLoad => PlannedLoad::read($one, $ids), $in->objects('loads', self::MOST_LOADS)),
            PlanFields::number($in, 'travel_fill'),
        );
        $in->finish();

        return $load;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['rig' => $this->rig, 'loads' => $this->loads, 'travel_fill' => $this->travelFill];
    }
}
