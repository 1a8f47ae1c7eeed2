<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Phrase;

/** To empty the waste before moving on, where the plan moves with it aboard. */
final class WasteFirst
{
    /** @return list<Fix> none where nothing is aboard to be emptied */
    public static function fixes(Workings $workings): array
    {
        return self::isAboard($workings) ? [new Fix(new Phrase('load.fix.empty-waste'), self::patch($workings))] : [];
    }

    /** The plan’s workings with the waste emptied; null where none is aboard. */
    public static function without(Workings $workings): ?Workings
    {
        $plan = $workings->plan;
        $emptied = PartFields::changed($plan, ['load' => PartFields::changed($plan->load, ['wasteEmptied' => true])]);

        return self::isAboard($workings) ? $workings->with($emptied) : null;
    }

    /** Whether a limit that is broken on the road is kept once the waste is emptied. */
    public static function cures(LimitWorking $limit, Workings $workings): bool
    {
        // There is no waste aboard when it sets off, nor when every tank is empty.
        if ($limit->spareIn(RigState::Travelling)->isBroken() || $limit->spareIn(RigState::Dry)->isBroken()) {
            return false;
        }

        return false === self::without($workings)?->of(LoadWorkings::class)->limit($limit->name)?->onTheRoad->isBroken();
    }

    /** The waste that comes aboard in a stay, in litres; 0 where it is emptied before moving on. */
    public static function litres(Workings $workings): float
    {
        $contents = $workings->of(LoadWorkings::class)->contents->in(RigState::UsedUp);
        $litres = 0.0;
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $litres += $contents[$working->index];
        }

        return $litres;
    }

    private static function isAboard(Workings $workings): bool
    {
        return self::litres($workings) > 0.05;
    }

    private static function patch(Workings $workings): PlanPatch
    {
        return PlanPatch::set('/load/waste_emptied', true, null !== $workings->plan->load->wasteEmptied);
    }
}
