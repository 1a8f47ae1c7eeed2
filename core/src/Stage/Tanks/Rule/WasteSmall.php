<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** More is drained into a tank in a stay than it holds. */
final class WasteSmall implements Rule
{
    private const STEP_MM = 10.0;

    public function check(Workings $workings): array
    {
        $use = $workings->of(UseWorkings::class);
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $stayL = $use->stayLInto($working->tank->id);
            $fullL = $working->fullL();
            if ($stayL > $fullL + 0.05) {
                $findings[] = new Finding(
                    TanksFinding::WasteSmall,
                    [$working->tank->id],
                    new Measure($stayL, $fullL, 'L'),
                    new SnagText('tanks.waste-small.title', 'tanks.waste-small.why', [
                        'tank' => $working->tank->name,
                        'litres' => Amount::litres($stayL),
                        'litres_held' => Amount::litres($fullL),
                        'stay' => Amount::days($workings->plan->use->days),
                    ]),
                    static fn (): array => self::ways($working, $stayL, $workings),
                    new LookAt($working->pointer().'/length_mm', new Phrase('tanks.waste-small.look')),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> one made to measure longer, one more like a can, and the waste emptied sooner */
    private static function ways(TankWorking $working, float $stayL, Workings $workings): array
    {
        $tank = $working->tank;
        $fixes = [];
        if ($tank->isMadeToMeasure()) {
            $lengthMm = ceil($tank->lengthMm * $stayL / $working->fullL() / self::STEP_MM) * self::STEP_MM;
            $fixes = array_filter([TankLength::to($lengthMm, $working, $workings)]);
        } elseif (TankMounting::Can === $tank->form) {
            $more = (int) (ceil($tank->count * $stayL / $working->fullL() - 1e-9) - $tank->count);
            $fixes = array_filter([OtherTanks::moreAlike($working, $more, $workings)]);
        } else {
            $fixes = OtherTanks::insteadOf($working, $stayL, \INF, $workings);
        }
        $days = floor($workings->plan->use->days * $working->fullL() / $stayL);
        if ($days >= 1) {
            $fixes[] = new Fix(new Phrase('tanks.fix.empty-every', ['tank' => $tank->name, 'days' => (int) $days]), PlanPatch::replace('/use/days', $days));
        }

        return $fixes;
    }
}
