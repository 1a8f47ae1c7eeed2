<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\SealantFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Stage\Parts\Drilling\DrillList;
use YardCask\Core\Words\Phrase;

/** What a hole in a wall needs. */
final class HoleItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        $choice = FittingChoice::in($workings);
        foreach (DrillList::inWalls($workings) as $hole) {
            $for = new Phrase('parts.for.hole', ['item' => $hole->for]);
            foreach ([$choice->any(FittingKind::SealingCompound), $choice->any(FittingKind::EdgePaint)] as $cure) {
                if (null !== $cure) {
                    $basket->add(Item::fitting($cure), self::share($cure), $for, null);
                }
            }
            if (null !== $hole->plate) {
                $basket->add(Item::fitting($hole->plate), 1, $for, FittedAt::point($hole->at));
            }
        }
    }

    private static function share(StockFitting $fitting): float
    {
        return $fitting->figures instanceof SealantFigures ? 1 / $fitting->figures->joints : 0.1;
    }
}
