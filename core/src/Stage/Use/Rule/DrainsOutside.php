<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Used water runs outside and no tank takes it. */
final class DrainsOutside implements Rule
{
    /** A bowl that is carried away needs no tank. */
    private const LEAST_L_A_DAY = 4.0;

    public function check(Workings $workings): array
    {
        $use = $workings->of(UseWorkings::class);
        $stayL = $use->stayLInto(PlannedUse::OUTSIDE);
        $days = $workings->plan->use->days;
        if (
            $stayL < self::LEAST_L_A_DAY * min(1.0, $days)
            || $stayL / $days < self::LEAST_L_A_DAY
            || [] !== $workings->of(TanksWorkings::class)->that(WaterKind::Waste)
        ) {
            return [];
        }

        return [new Finding(
            UseFinding::DrainsOutside,
            [],
            new Measure($stayL, 0.0, 'L'),
            new SnagText('use.drains-outside.title', 'use.drains-outside.why', ['litres' => Amount::litres($stayL)]),
            static fn (): array => self::addTank($workings, $use->untilEmptiedL(PlannedUse::OUTSIDE)),
        )];
    }

    /** @return list<Fix> */
    private static function addTank(Workings $workings, float $litres): array
    {
        $patch = FreePlace::addTank($workings->plan, WaterKind::Waste, $litres);
        if (null === $patch) {
            return [];
        }
        $id = FreeId::of(WaterKind::Waste->value, $workings->plan);
        foreach ($workings->plan->use->uses as $index => $use) {
            if (PlannedUse::OUTSIDE === $use->drainsTo) {
                $patch = $patch->and(PlanPatch::replace('/use/uses/'.$index.'/drains_to', $id));
            }
        }

        return [new Fix(new Phrase('use.fix.add-waste', ['litres' => Amount::litres($litres)]), $patch)];
    }
}
