<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Shared\TapReach;

/** The fresh water that a stay begins with: brimmed where there is a tap on arrival, otherwise what has travelled. */
final readonly class WaterAboard implements StageWorkings
{
    private function __construct(
        /** Whether the tanks are brimmed before the stay begins. */
        public bool $brimmed,
        /** Litres that can be drawn. */
        public float $usableL,
        /** Litres that could be drawn if nothing were filled up on arrival. */
        public float $travelUsableL,
    ) {
    }

    public static function over(Workings $workings): static
    {
        $tanks = $workings->of(TanksWorkings::class);
        $brimmed = self::isBrimmedOnArrival($workings);

        return new self($brimmed, $brimmed ? $tanks->usableL(WaterKind::Fresh) : $tanks->travelUsableL(), $tanks->travelUsableL());
    }

    /** Whether a rig that stands may hold more than one that travels, and there is a tap to fill it. */
    public static function isBrimmedOnArrival(Workings $workings): bool
    {
        return $workings->plan->use->stay->hasTapOnArrival() && !$workings->rigWords->limitHoldsAtRest();
    }

    public static function sections(): array
    {
        return ['use', 'rig', 'filling', 'tanks', TapReach::class, OutletFlows::class];
    }
}
