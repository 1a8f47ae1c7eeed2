<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Parts\Shopping\FittingChoice;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A hole in the outer wall: where it is, and what covers it on the inside. */
final class WallHole
{
    /** From the nearer end of the rig, and its height. */
    public static function where(RunPoint $at, Workings $workings): Phrase
    {
        $rig = $workings->plan->load->rig;
        $frontM = $at->xM - $rig->bodyFromM();
        $rearM = $rig->sizes()->lengthM - $frontM;

        return new Phrase('parts.hole.where.wall', [
            'along' => Amount::metres(min($frontM, $rearM)),
            'edge_along' => $rearM < $frontM ? Face::Rear : Face::Front,
            'height' => Amount::metres($at->zM),
            'rig' => $rig->kind(),
        ]);
    }

    /** The smallest wall plate that covers it in the lining; null below the floor and in a boat, which have none, and where none is as wide. */
    public static function plate(float $holeMm, ?RunPoint $at, Workings $workings): ?StockFitting
    {
        $rig = $workings->plan->load->rig;
        if (RigKind::Boat === $rig->kind() || (null !== $at && $at->zM < $rig->sizes()->floorM)) {
            return null;
        }

        return FittingChoice::in($workings)->cover(FittingKind::WallPlate, $holeMm);
    }
}
