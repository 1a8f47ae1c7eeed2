<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** What must stay dry lies under a tank, a fitting or a hose: a weeping joint drips into the electrics. */
final class WaterOverDry implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->load->things as $index => $thing) {
            foreach (ThingNeed::Dry === $thing->need ? $workings->of(TanksWorkings::class)->all() : [] as $working) {
                $what = self::over($working, $thing, $workings);
                if (null !== $what) {
                    $findings[] = new Finding(
                        TanksFinding::WaterOverDry,
                        [$working->tank->id, $thing->id],
                        new Measure(1.0, 0.0, ''),
                        new SnagText('tanks.over-dry.title', 'tanks.over-dry.why', ['what' => $what, 'thing' => $thing->name]),
                        static fn (): array => BayFixes::elsewhere($working, $workings),
                        new LookAt('/load/things/'.$index.'/x_m', new Phrase('tanks.look.move-thing', ['thing' => $thing->name])),
                    );
                }
            }
        }

        return $findings;
    }

    /** What of a tank lies over it; null when nothing does. */
    private static function over(TankWorking $working, PlannedThing $thing, Workings $workings): ?string
    {
        $dry = $thing->body();
        if ($working->tank->body()->isOver($dry)) {
            return $working->tank->name;
        }
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            if ($run->tank->index !== $working->index) {
                continue;
            }
            $points = $run->points();
            foreach (\array_slice($points, 1) as $index => $point) {
                if (self::passesOver($points[$index], $point, $dry)) {
                    return $run->run->name ?? $run->port->name;
                }
            }
        }

        return null;
    }

    /** Whether a straight piece of hose passes over a box somewhere, in steps of a centimetre or less. */
    private static function passesOver(RunPoint $from, RunPoint $to, Box $box): bool
    {
        $steps = max(1, (int) ceil($from->distanceM($to) * 100));
        for ($step = 0; $step <= $steps; ++$step) {
            $at = static fn (float $a, float $b): float => 1000 * ($a + $step / $steps * ($b - $a));
            [$x, $y, $z] = [$at($from->xM, $to->xM), $at($from->yM, $to->yM), $at($from->zM, $to->zM)];
            if ($x > $box->low[0] && $x < $box->high[0] && $y > $box->low[1] && $y < $box->high[1] && $z > $box->low[2]) {
                return true;
            }
        }

        return false;
    }
}
