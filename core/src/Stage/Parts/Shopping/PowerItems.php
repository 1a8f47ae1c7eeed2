<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Stage\Line\Shared\PumpWire;
use YardCask\Core\Words\Phrase;

/** The wire, the fuse and the switch of each pump. */
final class PowerItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        $choice = FittingChoice::in($workings);
        foreach ($workings->plan->line->parts as $part) {
            $wire = PumpWire::of($part);
            $for = new Phrase('parts.for.part', ['part' => $part->name]);
            foreach (null === $wire ? [] : [
                [$choice->cable($wire->copperMm2), $wire->lengthM],
                [$choice->fuse($wire->fuseA), 1.0],
                [$choice->any(FittingKind::FuseHolder), 1.0],
                [$choice->any(FittingKind::PumpSwitch), 1.0],
            ] as [$fitting, $amount]) {
                if (null !== $fitting) {
                    $basket->add(Item::fitting($fitting), $amount, $for, FittedAt::part($part));
                }
            }
        }
    }
}
