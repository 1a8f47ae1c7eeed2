<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\StrapPulls;
use YardCask\Core\Words\Phrase;

/** Tank fittings, their hoses and what those end at, and what holds each tank. */
final class TankItems
{
    /** A strap or a bracket is bolted at both its ends. */
    private const BOLTS = 2;

    public static function addTo(Basket $basket, Workings $workings): void
    {
        $choice = FittingChoice::in($workings);
        foreach ($workings->plan->tanks as $tank) {
            foreach (TankMounting::Fixed === $tank->form ? $tank->ports : [] as $port) {
                $fitting = null === $port->fitting ? null : $choice->called($port->fitting);
                self::add($basket, $fitting, 1.0, new Phrase('parts.at.tank', ['port' => $port->name, 'tank' => $tank->name]), FittedAt::tank($tank));
            }
        }
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            if (null !== $run->run) {
                $for = new Phrase('parts.hose', ['run' => $run->run->name]);
                [$tank, $points] = [$run->tank->tank, $run->points()];
                $hose = null === $run->run->hose ? null : $choice->called($run->run->hose);
                self::add($basket, $hose, $run->lengthM(), $for, FittedAt::hose($tank, ...$points));
                $end = FittedAt::hose($tank, $points[array_key_last($points)]);
                self::add($basket, null === $run->run->fitting ? null : $choice->called($run->run->fitting), 1.0, $for, $end);
            }
        }
        self::addStraps($basket, $workings, $choice);
    }

    private static function addStraps(Basket $basket, Workings $workings, FittingChoice $choice): void
    {
        foreach ($workings->plan->tanks as $tank) {
            $kg = $workings->of(StrapPulls::class)->kg[$tank->id] ?? null;
            if (null === $kg || null === $tank->straps) {
                continue;
            }
            $for = new Phrase('parts.for.holding', ['tank' => $tank->name]);
            $at = FittedAt::tank($tank);
            if (HeldBy::Brackets !== $tank->heldBy) {
                self::add($basket, $choice->fixing(FittingKind::Strap, $kg), $tank->straps, $for, $at);
            }
            foreach ([FittingKind::Bolt, FittingKind::RivetNut] as $kind) {
                self::add($basket, $choice->fixing($kind, $kg / self::BOLTS), self::BOLTS * $tank->straps, $for, $at);
            }
        }
    }

    private static function add(Basket $basket, ?StockFitting $fitting, float $amount, Phrase $for, FittedAt $at): void
    {
        if (null !== $fitting) {
            $basket->add(Item::fitting($fitting), $amount, $for, $at);
        }
    }
}
