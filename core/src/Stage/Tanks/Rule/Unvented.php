<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\FilledTanks;
use YardCask\Core\Stage\Tanks\Shared\FillStream;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\SnagText;

/** A tank is filled, by its fill or through the line, and has no vent: what fills it bulges it, and the pump sucks it in. */
final class Unvented implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if (self::isUnvented($working, $workings)) {
                $findings[] = new Finding(
                    TanksFinding::Unvented,
                    [$working->tank->id],
                    new Measure(0.0, 1.0, ''),
                    new SnagText('tanks.unvented.title', 'tanks.unvented.why', ['tank' => $working->tank->name]),
                    static fn (): array => array_filter([PortProposal::addition(PortRole::Vent, $working, $workings)]),
                );
            }
        }

        return $findings;
    }

    private static function isUnvented(TankWorking $working, Workings $workings): bool
    {
        $tank = $working->tank;
        // A bag gives way, and a can is open where it is filled.
        if (TankMounting::Fixed !== $tank->form || null !== $tank->portFor(PortRole::Vent)) {
            return false;
        }
        $sealed = array_filter(FilledTanks::streams($working, $workings), static fn (FillStream $stream): bool => $stream->isSealed() && !$stream->isMains());

        return null !== $tank->portFor(PortRole::Fill) || [] !== $sealed;
    }
}
