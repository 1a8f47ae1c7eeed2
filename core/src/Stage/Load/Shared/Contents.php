<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** The litres in each tank, in each state of the rig. */
final readonly class Contents
{
    public function __construct(private Workings $workings)
    {
    }

    /** @return list<float> of each tank of the plan, in its order */
    public function in(RigState $state): array
    {
        return array_map(fn (TankWorking $working): float => match (true) {
            RigState::Dry === $state => 0.0,
            $working->tank->holds->takesWaste() => RigState::UsedUp === $state || RigState::Refilled === $state
                ? $this->wasteL($working, $this->afterStayL(WaterKind::Fresh), $this->afterStayL(WaterKind::Drinking))
                : 0.0,
            RigState::UsedUp === $state => min($working->leftL(), $this->startL($working, $this->startsBrimFull())),
            default => $this->startL($working, RigState::BrimFull === $state),
        }, $this->tanks());
    }

    /**
     * From brim full, when a share from 0 to 1 of all that can be drawn is drawn, from all tanks alike.
     *
     * @return list<float> of each tank of the plan, in its order
     */
    public function drawn(float $share): array
    {
        $main = $share * $this->drawableL(WaterKind::Fresh, true);
        $drinking = $share * $this->drawableL(WaterKind::Drinking, true);

        return array_map(fn (TankWorking $working): float => $working->tank->holds->takesWaste()
            ? $this->wasteL($working, $main, $drinking)
            : $this->startL($working, true) - $share * max(0.0, $this->startL($working, true) - $working->leftL()), $this->tanks());
    }

    /** Whether the stay begins brim full. */
    public function startsBrimFull(): bool
    {
        return $this->workings->of(WaterAboard::class)->brimmed;
    }

    /** What stands in a fresh or drinking tank when the stay begins. */
    public function startL(TankWorking $working, bool $brimFull): float
    {
        return ($brimFull ? 1.0 : $this->workings->plan->travelFillOf($working->tank)) * $working->fullL();
    }

    /** What comes to a waste tank when some litres of each supply are used; nothing where it is emptied before the rig moves on. */
    public function wasteL(TankWorking $waste, float $mainL, float $drinkingL): float
    {
        if ($this->workings->plan->emptiesWaste()) {
            return 0.0;
        }
        $use = $this->workings->of(UseWorkings::class);

        return min($waste->fullL(), $mainL * $use->shareInto($waste->tank, Supply::Main) + $drinkingL * $use->shareInto($waste->tank, Supply::Drinking));
    }

    /** What can be drawn from the tanks of a kind from brim full, or from the travel fill. */
    public function drawableL(WaterKind $holds, bool $brimFull): float
    {
        return array_sum(
            array_map(
                fn (TankWorking $working): float => $holds === $working->tank->holds
                    ? max(0.0, $this->startL($working, $brimFull) - $working->leftL())
                    : 0.0,
                $this->tanks(),
            ),
        );
    }

    private function afterStayL(WaterKind $holds): float
    {
        return $this->drawableL($holds, $this->startsBrimFull());
    }

    /** @return list<TankWorking> */
    private function tanks(): array
    {
        return $this->workings->of(TanksWorkings::class)->all();
    }
}
