<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Movement\Restraint;

/** What each strap or bracket of each tank pulls at most. */
final readonly class StrapPulls implements StageWorkings
{
    /** @param array<string, float> $kg by the tank's id; without those that nothing pulls at, or whose straps nobody has counted */
    private function __construct(public array $kg)
    {
    }

    public static function over(Workings $workings): static
    {
        $kg = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $worst = Restraint::of($working, $workings)?->worstStrap();
            if (null !== $worst) {
                $kg[$working->tank->id] = $worst->kg;
            }
        }

        return new self($kg);
    }

    public static function sections(): array
    {
        return ['rig', ...TanksWorkings::sections()];
    }
}
