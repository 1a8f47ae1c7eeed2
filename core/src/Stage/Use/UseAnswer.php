<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Demand\UseDemand;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Use\Rule\CanEnough;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** How much water, as one sentence. */
final class UseAnswer
{
    public static function of(Workings $workings): Answer
    {
        $say = $workings->say;
        $use = $workings->of(UseWorkings::class);
        $need = $use->need(Supply::Main);
        $drinkingL = $use->need(Supply::Drinking)->carryL;
        $apart = $drinkingL > 0 ? ' Drinking apart: '.$say->litres($drinkingL).'.' : '';
        if ($need->carryL <= 0) {
            return new Answer('Nothing is drawn: ', $say->litres(0), '.', 'Say what the water is for, and the need follows.', 'use.needed');
        }
        if (CanEnough::forTheStay($workings)) {
            return new Answer('One can of ', $say->litres(TankProposal::CAN_L), ' is enough.', \sprintf('The stay takes %s, %s a day. No tank is needed.%s', $say->litres($need->carryL), $say->litres($need->dailyL), $apart), 'use.needed');
        }
        $mains = array_values(array_filter($use->demand()->uses, static fn (UseDemand $demand): bool => Supply::Main->value === $demand->use->supply));
        usort($mains, static fn (UseDemand $a, UseDemand $b): int => $b->stayL <=> $a->stayL);
        $can = CanEnough::forADay($workings) ? \sprintf(' A tap is near every day: a %s can filled daily would do.', $say->litres(TankProposal::CAN_L)) : '';

        return new Answer('Carry ', $say->litres($need->carryL), ' for '.$say->days($workings->plan->use->days).'.', \sprintf(
            '%s a day; %s takes %s of it. Likely between %s and %s.%s%s',
            $say->litres($need->dailyL),
            mb_strtolower($mains[0]->use->name),
            $say->share($mains[0]->stayL / $need->stayL),
            $say->litres($need->lowL),
            $say->litres($need->highL),
            $apart,
            $can,
        ), 'use.needed');
    }
}
