<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** The plan has no drinking water: no use has that name, and none draws from the drinking supply. */
final class DrinkingMissing implements Rule
{
    /** What a person drinks a day in a temperate climate, with the kettle counted elsewhere. */
    private const LITRES_PER_PERSON_DAY = 2.5;

    public function check(Workings $workings): array
    {
        $plan = $workings->plan;
        foreach ($plan->use->uses as $use) {
            if (Supply::Drinking === $use->supply || 'drinking' === $use->habit || str_contains(mb_strtolower($use->name), 'drink')) {
                return [];
            }
        }
        $litres = self::LITRES_PER_PERSON_DAY * $plan->use->crew * $plan->use->days;
        $use = static fn (Supply $supply): PlannedUse => new PlannedUse(
            id: FreeId::of('drinking', $plan),
            name: 'Drinking',
            habit: 'drinking',
            litres: self::LITRES_PER_PERSON_DAY,
            flowLpm: null,
            minutes: null,
            each: Each::Person,
            times: 1.0,
            per: Per::Day,
            supply: $supply,
            spread: 0.25,
            drainsTo: PlannedUse::NOTHING,
        );

        return [new Finding(
            UseFinding::DrinkingMissing,
            [],
            new Measure(0.0, $litres, 'L'),
            new SnagText('use.drinking-missing.title', 'use.drinking-missing.why', [
                'each' => Amount::litres(self::LITRES_PER_PERSON_DAY),
                'litres' => Amount::litres($litres),
            ]),
            static fn (): array => [
                new Fix(new Phrase('use.fix.add-drinking'), PlanPatch::append('/use/uses', $use(Supply::Drinking))),
                new Fix(new Phrase('use.fix.add-drinking-main'), PlanPatch::append('/use/uses', $use(Supply::Main))),
            ],
        )];
    }
}
