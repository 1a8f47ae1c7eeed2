<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\Passage;
use YardCask\Core\Payload\PassageCalculator;
use YardCask\Core\Payload\PassageInput;
use YardCask\Core\Payload\PassageTank;
use YardCask\Core\Payload\WasteTank;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** The ways from some fill of the tanks to used up, along which the limits are kept or not. */
final class Passages
{
    /** @var array<string, ?Passage> */
    private array $passages = [];

    /** @param list<Mass> $masses of what is aboard beside the tanks */
    public function __construct(
        private readonly Workings $workings,
        private readonly Contents $contents,
        private readonly WeighedRig $rig,
        private readonly array $masses,
    ) {
    }

    /** From a state to used up, with what has come to the waste tanks by then; null for a boat, whose only limit is what is aboard at once. */
    public function from(RigState $state, bool $wasteOfStay = false): ?Passage
    {
        $brimFull = RigState::BrimFull === $state;
        $fractions = array_map(
            fn (TankWorking $working): float => $brimFull ? 1.0 : $this->workings->plan->travelFillOf($working->tank),
            $this->workings->of(TanksWorkings::class)->all(),
        );
        $key = implode(' ', $fractions).($wasteOfStay ? ' on' : '');

        return $this->passages[$key] ??= $this->between($fractions, $wasteOfStay);
    }

    /**
     * From some fill of each tank, as a fraction of brim full, to used up.
     *
     * @param list<float> $fractions of each tank of the plan
     * @param bool $wasteOfStay whether the stay began brim full, and what was used down to this fill is in the waste tanks
     */
    public function between(array $fractions, bool $wasteOfStay = false): ?Passage
    {
        $rig = $this->workings->plan->load->rig;
        $tanks = [];
        $waste = [];
        $drawable = ['fresh' => 0.0, 'drinking' => 0.0];
        foreach ($this->workings->of(TanksWorkings::class)->all() as $index => $working) {
            $tank = $working->tank;
            if (!$tank->holds->takesWaste()) {
                $tanks[] = $one = new PassageTank(
                    new LoadedTank($tank->name, $working->fullL(), $tank->allEmptyKg(), $tank->xM, $tank->yM),
                    $fractions[$index],
                    $working->leftL(),
                );
                $drawable[$tank->holds->value] = ($drawable[$tank->holds->value] ?? 0.0) + $one->drawableL();
            }
        }
        $allL = array_sum($drawable);
        $use = $this->workings->of(UseWorkings::class);
        foreach ($this->workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            if ($tank->holds->takesWaste()) {
                $intoL = $drawable['fresh'] * $use->shareInto($tank, Supply::Main) + $drawable['drinking'] * $use->shareInto($tank, Supply::Drinking);
                $share = $allL > 0 && !$this->workings->plan->emptiesWaste() ? $intoL / $allL : 0.0;
                $beforeL = $wasteOfStay ? max(0.0, $this->contents->drawableL(WaterKind::Fresh, true) - $drawable['fresh']) : 0.0;
                $waste[] = new WasteTank(
                    name: $tank->id,
                    capacityL: $working->fullL(),
                    emptyKg: $tank->allEmptyKg(),
                    xM: $tank->xM,
                    yM: $tank->yM,
                    share: $share,
                    startL: $this->contents->wasteL($working, $beforeL, 0.0),
                );
            }
        }

        return match (true) {
            $rig instanceof PlannedRoadRig => PassageCalculator::calculate(new PassageInput($this->rig->road($rig, $this->masses, []), $tanks, $waste)),
            $rig instanceof PlannedTrailer => PassageCalculator::calculate(new PassageInput($this->rig->trailer($rig, $this->masses, []), $tanks, $waste)),
            default => null,
        };
    }

    /** @return array<string, Passage> those that are driven, by the state they begin in: as it travels, and with the waste of a stay from brim full */
    public function onTheRoad(): array
    {
        $passages = [RigState::Travelling->value => $this->from(RigState::Travelling)];
        $takesWaste = [] !== $this->workings->of(TanksWorkings::class)->thatTakeWaste();
        if ($takesWaste && $this->contents->startsBrimFull() && !$this->workings->plan->emptiesWaste()) {
            $passages[RigState::Refilled->value] = $this->from(RigState::Travelling, true);
        }

        return array_filter($passages);
    }
}
