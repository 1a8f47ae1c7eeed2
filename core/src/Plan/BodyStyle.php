<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Payload\RigKind;

/** What the rig looks like from the side. */
enum BodyStyle: string
{
    case Van = 'van';
    case Bus = 'bus';
    case Pickup = 'pickup';
    case Trailer = 'trailer';
    case Boat = 'boat';

    public function rigKind(): RigKind
    {
        return match ($this) {
            self::Van, self::Bus, self::Pickup => RigKind::Road,
            self::Trailer => RigKind::Trailer,
            self::Boat => RigKind::Boat,
        };
    }

    /** @return non-empty-list<self> */
    public static function of(RigKind $kind): array
    {
        return match ($kind) {
            RigKind::Road => [self::Van, self::Bus, self::Pickup],
            RigKind::Trailer => [self::Trailer],
            RigKind::Boat => [self::Boat],
        };
    }
}
