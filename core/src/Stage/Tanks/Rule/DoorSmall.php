<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Bays\BayPlace;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank is too large to be got in through the rig's largest door, however it is turned. */
final class DoorSmall implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $sizes = $workings->plan->load->rig->sizes();
        if (null === $sizes->doorWidthMm || null === $sizes->doorHeightMm) {
            return [];
        }
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            $bay = $workings->plan->bayOf($tank);
            // What hangs below or stands on the roof comes from outside.
            $largeMm = null !== $bay && BayPlace::Inside !== $bay->place ? 0.0 : PlaceInBay::tooLargeForMm($tank, [$sizes->doorWidthMm, $sizes->doorHeightMm]);
            if ($largeMm > self::NOTHING_MM) {
                $findings[] = new Finding(
                    TanksFinding::DoorSmall,
                    [$tank->id],
                    new Measure($largeMm, 0.0, 'mm'),
                    new SnagText('tanks.door-small.title', 'tanks.door-small.why', [
                        'tank' => $tank->name,
                        'wide' => Amount::mm($sizes->doorWidthMm),
                        'high' => Amount::mm($sizes->doorHeightMm),
                        'over' => Amount::mm($largeMm),
                    ]),
                    static fn (): array => [],
                    new LookAt('/load/rig/door_width_mm', new Phrase('tanks.door-small.look')),
                );
            }
        }

        return $findings;
    }
}
