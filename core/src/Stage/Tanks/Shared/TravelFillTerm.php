<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Words\Amount;

/** How full a tank travels, as a term of a sum: by its own field, or by the one that all share. */
final class TravelFillTerm
{
    public static function of(string $symbol, TankWorking $working, Workings $workings): SumTerm
    {
        $own = $working->tank->travelFill;

        return null === $own
            ? SumTerm::field($symbol, $workings->wording->text('load.sum.how-full'), Amount::share($workings->plan->load->travelFill), '/load/travel_fill')
            : SumTerm::field(
                $symbol,
                $workings->wording->text('load.sum.how-full-own', ['tank' => $working->tank->name]),
                Amount::share($own),
                $working->pointer().'/travel_fill',
            );
    }
}
