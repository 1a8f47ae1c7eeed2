<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\UseDemand;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;

/** How much water, as one sentence. */
final class UseAnswer
{
    public static function of(Workings $workings): Answer
    {
        $wording = $workings->wording;
        $use = $workings->of(UseWorkings::class);
        $need = $use->need(Supply::Main);
        $drinkingL = $use->need(Supply::Drinking)->carryL;
        $with = [
            'needed' => Amount::litres($need->carryL),
            'daily' => Amount::litres($need->dailyL),
            'low' => Amount::litres($need->lowL),
            'high' => Amount::litres($need->highL),
            'stay' => Amount::days($workings->plan->use->days),
            'can' => Amount::litres(TankProposal::CAN_L),
            'kept' => $drinkingL > 0 ? 'yes' : 'no',
            'drinking' => Amount::litres($drinkingL),
        ];
        if ($need->carryL <= 0) {
            return Answer::of($wording, 'use.answer.nothing', 'use.answer.nothing.why', 'use.needed', $with);
        }
        if (OneCan::forTheStay($workings)) {
            return Answer::of($wording, 'use.answer.can', 'use.answer.can.why', 'use.needed', $with);
        }
        $mains = array_values(array_filter($use->demand()->uses, static fn (UseDemand $demand): bool => Supply::Main->value === $demand->use->supply));
        usort($mains, static fn (UseDemand $a, UseDemand $b): int => $b->stayL <=> $a->stayL);

        return Answer::of($wording, 'use.answer.carry', 'use.answer.carry.why', 'use.needed', $with + [
            'use' => $mains[0]->use->name,
            'share' => Amount::share($mains[0]->stayL / $need->stayL),
            'daily_can' => OneCan::forADay($workings) ? 'yes' : 'no',
        ]);
    }
}
