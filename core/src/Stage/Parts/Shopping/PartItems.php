<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Words\Phrase;

/** The tanks, the parts of the line and its pipes. */
final class PartItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        $stock = $workings->stock;
        foreach ($workings->plan->tanks as $tank) {
            $price = array_column($stock->tanks(), 'price', 'id')[$tank->stock ?? ''] ?? 0.0;
            $basket->add(Item::tank($tank, $price), $tank->count, new Phrase('parts.for.part', ['part' => $tank->name]), null);
        }
        foreach ($workings->plan->line->parts as $part) {
            $name = null === $part->stock ? null : $stock->part($part->stock)?->name;
            $basket->add(Item::part($part, $name), 1.0, new Phrase('parts.for.part', ['part' => $part->name]), null);
        }
        foreach (PipeLengths::of($workings)->all as [$ending, $lengthM]) {
            $pipe = $ending->pipe;
            $sold = null === $pipe->stock ? null : $stock->pipe($pipe->stock);
            $basket->add(Item::pipe($pipe, $sold?->name, $sold?->soldM), $lengthM, $ending->phrase(), null, null === $pipe->lengthM);
        }
    }
}
