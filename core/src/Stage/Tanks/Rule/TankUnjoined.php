<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\UnjoinedTanks;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A tank of fresh or drinking water that no outlet draws on, and that nobody pours out. */
final class TankUnjoined implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if ($working->isDrawn) {
                continue;
            }
            $isFixed = TankMounting::Fixed === $working->tank->form;
            $findings[] = new Finding(
                TanksFinding::TankUnjoined,
                [$working->tank->id],
                new Measure($working->usableL(), 0.0, 'L'),
                new SnagText('tanks.unjoined.title', $isFixed ? 'tanks.unjoined.why' : 'tanks.unjoined.why.can', [
                    'tank' => $working->tank->name,
                    'litres' => Amount::litres($working->usableL()),
                    'count' => (int) $working->tank->count,
                ]),
                static fn (): array => UnjoinedTanks::fixes($working, $workings),
                causes: TankJoin::obstacles($working->tank, $workings),
            );
        }

        return $findings;
    }
}
