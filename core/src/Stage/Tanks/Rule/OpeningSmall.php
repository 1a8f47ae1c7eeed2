<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A tank is too large for the opening by which it has to go into its bay, however it is turned. */
final class OpeningSmall implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $bay = $workings->plan->bayOf($working->tank);
            $largeMm = null === $bay ? 0.0 : PlaceInBay::tooLargeMm($working->tank, $bay);
            if (null === $bay || $largeMm <= self::NOTHING_MM) {
                continue;
            }
            [$wideMm, $highMm] = $bay->openingMm();
            $findings[] = new Finding(
                TanksFinding::OpeningSmall,
                [$working->tank->id, $bay->id],
                new Measure($largeMm, 0.0, 'mm'),
                new SnagText('tanks.opening-small.title', 'tanks.opening-small.why', [
                    'tank' => $working->tank->name,
                    'bay' => $bay->name,
                    'opening' => $bay->opening->word(),
                    'wide' => Amount::mm($wideMm),
                    'high' => Amount::mm($highMm),
                    'over' => Amount::mm($largeMm),
                ]),
                static fn (): array => BayFixes::elsewhere($working, $workings),
            );
        }

        return $findings;
    }
}
