<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\SealantFigures;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Stage\Line\Shared\PipeEnding;
use YardCask\Core\Stage\Line\Shared\PipeEndings;
use YardCask\Core\Stage\Parts\Drilling\DrillList;
use YardCask\Core\Words\Phrase;

/** Clips along the pipes, insulation of those under the floor, and what a hole in a wall needs. */
final class RouteItems
{
    public static function addTo(Basket $basket, Workings $workings): void
    {
        $choice = FittingChoice::in($workings);
        $endings = [];
        foreach ($workings->of(PipeEndings::class)->all as $ending) {
            $endings[$ending->pipe->id][] = $ending;
        }
        foreach (PipeLengths::of($workings)->all as [$ending, $lengthM]) {
            $clips = PipeClips::of($ending->pipe->tube, $workings);
            [$from, $to] = $endings[$ending->pipe->id];
            $at = FittedAt::ending($from)->halfTo(FittedAt::ending($to));
            if (null !== $clips?->clip) {
                $basket->add(Item::fitting($clips->clip), $clips->count($lengthM), $ending->phrase(), $at, null === $ending->pipe->lengthM);
            }
            $insulation = null !== $clips && self::isUnderTheFloor($from, $to, $workings) ? $choice->sleeve(FittingKind::Insulation, $clips->outerMm) : null;
            if (null !== $insulation) {
                $basket->add(Item::fitting($insulation), $lengthM, $ending->phrase(), $at, null === $ending->pipe->lengthM);
            }
        }
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

    /** Whether a pipe runs in the wind, with both its ends below the floor; a boat has none. */
    private static function isUnderTheFloor(PipeEnding $from, PipeEnding $to, Workings $workings): bool
    {
        $rig = $workings->plan->load->rig;

        return RigKind::Boat !== $rig->kind() && max($from->zM(), $to->zM()) < $rig->sizes()->floorM;
    }

    private static function share(StockFitting $fitting): float
    {
        return $fitting->figures instanceof SealantFigures ? 1 / $fitting->figures->joints : 0.1;
    }
}
