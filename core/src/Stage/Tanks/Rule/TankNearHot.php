<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\ThingNeed;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A tank stands beside an exhaust or a heater: its plastic softens and its water grows warm. */
final class TankNearHot implements Rule
{
    /** A workshop's rule of thumb; the heater's or the vehicle's maker may want more. */
    public const ROOM_MM = 150.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
        foreach ($workings->plan->load->things as $index => $thing) {
            foreach (ThingNeed::Hot === $thing->need ? $workings->of(TanksWorkings::class)->all() : [] as $working) {
                $apartMm = $working->tank->apartMm($thing->body());
                if ($apartMm < self::ROOM_MM - 0.5) {
                    $findings[] = new Finding(
                        TanksFinding::TankNearHot,
                        [$working->tank->id, $thing->id],
                        new Measure($apartMm, self::ROOM_MM, 'mm'),
                        \sprintf('%s stands too near %s', $working->tank->name, $thing->name),
                        \sprintf('They are %s apart. Plastic softens and lukewarm water goes bad: keep %s, or what its maker asks for, or a shield that someone licensed for it has passed.', $say->mm($apartMm), $say->mm(self::ROOM_MM)),
                        static fn (): array => BayFixes::elsewhere($working, $workings),
                        new LookAt('/load/things/'.$index.'/x_m', 'Move '.$thing->name),
                    );
                }
            }
        }

        return $findings;
    }
}
