<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** The limit at one place of a rig: the lowest of all known figures, and the field that holds it. */
final readonly class RigLimit
{
    private function __construct(
        public float $kg,
        public string $pointer,
        /** Whose limit it is, where it is not the plate of the rig itself: “the tow bar”. */
        /** Whose limit it is, where it is not the plate’s: tow_bar, tow_car, tow_car_rear, towed, train. */
        public string $whose = 'plate',
    ) {
    }

    /** Of a limit that the rig has. */
    public static function of(LimitName $name, PlannedRig $rig): self
    {
        return match (true) {
            $rig instanceof PlannedRoadRig => match ($name) {
                LimitName::Front => new self($rig->front()->limitKg, '/load/rig/axles/0/limit_kg'),
                LimitName::Rear => new self($rig->rear()->limitKg, '/load/rig/axles/'.$rig->rear()->limitIndex.'/limit_kg'),
                default => new self($rig->grossLimitKg, '/load/rig/gross_limit_kg'),
            },
            $rig instanceof PlannedTrailer => match ($name) {
                LimitName::Nose, LimitName::LeastNose => self::nose($rig),
                LimitName::Axle => new self($rig->axle()->limitKg, '/load/rig/axles/'.$rig->axle()->limitIndex.'/limit_kg'),
                default => self::gross($rig),
            },
            $rig instanceof PlannedBoat => new self($rig->loadLimitKg, '/load/rig/load_limit_kg'),
            default => throw new \LogicException('A rig of class '.$rig::class.' has no limits.'),
        };
    }

    private static function nose(PlannedTrailer $rig): self
    {
        return self::least([
            [$rig->noseLimitKg, 'nose_limit_kg', 'plate'],
            [$rig->towing->barNoseLimitKg, 'bar_nose_limit_kg', 'tow_bar'],
            [$rig->towing->carNoseLimitKg, 'car_nose_limit_kg', 'tow_car'],
            [$rig->towing->noseLeavesRearKg(), 'car_rear_limit_kg', 'tow_car_rear'],
        ]);
    }

    private static function gross(PlannedTrailer $rig): self
    {
        return self::least([
            [$rig->grossLimitKg, 'gross_limit_kg', 'plate'],
            [$rig->towing->towedLimitKg, 'towed_limit_kg', 'towed'],
            [$rig->towing->trainLeavesKg(), 'train_limit_kg', 'train'],
        ]);
    }

    /** @param non-empty-list<array{?float, string, string}> $known */
    private static function least(array $known): self
    {
        $least = null;
        foreach ($known as [$kg, $key, $whose]) {
            if (null !== $kg && (null === $least || $kg < $least->kg)) {
                $least = new self($kg, '/load/rig/'.$key, $whose);
            }
        }

        return $least ?? throw new \LogicException('The plate of a trailer is always known.');
    }
}
