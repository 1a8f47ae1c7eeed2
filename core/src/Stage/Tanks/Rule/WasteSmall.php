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

/** More is drained into a tank before it is emptied than it holds. */
final class WasteSmall implements Rule
{
    private const STEP_MM = 10.0;

    public function check(Workings $workings): array
    {
        $use = $workings->of(UseWorkings::class);
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->thatTakeWaste() as $working) {
            $drainedL = $use->untilEmptiedL($working->tank->id);
            $fullL = $working->fullL();
            if ($drainedL > $fullL + 0.05) {
                $findings[] = new Finding(
                    TanksFinding::WasteSmall,
                    [$working->tank->id],
                    new Measure($drainedL, $fullL, 'L'),
                    new SnagText('tanks.waste-small.title', 'tanks.waste-small.why', [
                        'tank' => $working->tank->name,
                        'litres' => Amount::litres($drainedL),
                        'litres_held' => Amount::litres($fullL),
                        'time' => Amount::days(min($workings->plan->use->days, $workings->plan->use->wasteDays ?? \INF)),
                    ]),
                    static fn (): array => self::ways($working, $drainedL, $workings),
                    new LookAt($working->pointer().'/length_mm', new Phrase('tanks.waste-small.look')),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> one made to measure longer, one more like a can, and the waste emptied sooner */
    private static function ways(TankWorking $working, float $drainedL, Workings $workings): array
    {
        $tank = $working->tank;
        $fixes = [];
        if ($tank->isMadeToMeasure()) {
            $lengthMm = ceil($tank->lengthMm * $drainedL / $working->fullL() / self::STEP_MM) * self::STEP_MM;
            $fixes = array_filter([TankLength::to($lengthMm, $working, $workings)]);
        } elseif (TankMounting::Can === $tank->form) {
            $more = (int) (ceil($tank->count * $drainedL / $working->fullL() - 1e-9) - $tank->count);
            $fixes = array_filter([OtherTanks::moreAlike($working, $more, $workings)]);
        } else {
            $fixes = OtherTanks::insteadOf($working, $drainedL, \INF, $workings);
        }
        $use = $workings->plan->use;
        $days = floor(min($use->days, $use->wasteDays ?? \INF) * $working->fullL() / $drainedL + 1e-9);
        if ($days >= 1) {
            $label = new Phrase('tanks.fix.empty-every', ['tank' => $tank->name, 'days' => (int) $days]);
            $fixes[] = new Fix($label, PlanPatch::set('/use/waste_days', $days, null !== $use->wasteDays));
        }

        return $fixes;
    }
}
