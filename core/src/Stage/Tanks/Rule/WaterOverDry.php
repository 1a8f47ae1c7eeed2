<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\CourseFixes;
use YardCask\Core\Stage\Tanks\Shared\HoseCourse;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Stage\Tanks\Shared\Meeting;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\SnagText;

/** What must stay dry lies under a tank, a fitting or a hose: a weeping joint drips into the electrics. */
final class WaterOverDry implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach (InTheWay::all($workings->plan) as $thing) {
            foreach (ThingNeed::Dry === $thing->need ? $workings->of(TanksWorkings::class)->all() : [] as $working) {
                $run = self::runOver($working, $thing, $workings);
                $isTank = $working->tank->body()->isOver($thing->body);
                if ($isTank || null !== $run) {
                    $findings[] = new Finding(
                        TanksFinding::WaterOverDry,
                        [$working->tank->id, $thing->id],
                        new Measure(1.0, 0.0, ''),
                        new SnagText('tanks.over-dry.title', 'tanks.over-dry.why', [
                            'what' => $isTank ? $working->tank->name : $run->run->name ?? $run->port->name,
                            'thing' => $thing->name,
                        ]),
                        static fn (): array => [
                            ...null === $run || $isTank ? [] : self::round($run, $thing, $workings),
                            ...BayFixes::elsewhere($working, $workings),
                        ],
                        $thing->look,
                    );
                }
            }
        }

        return $findings;
    }

    /** The first hose of a tank that is above it and does not go through it; null without one. */
    private static function runOver(TankWorking $working, InTheWay $thing, Workings $workings): ?TankRun
    {
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $meeting = $run->tank->index === $working->index ? Meeting::of(self::course($run), $thing) : null;
            if (null !== $meeting && !$meeting->isThrough()) {
                return $run;
            }
        }

        return null;
    }

    /** @return list<Fix> */
    private static function round(TankRun $run, InTheWay $thing, Workings $workings): array
    {
        return CourseFixes::round(
            self::course($run),
            $thing,
            $run->run->name ?? $run->port->name,
            '/runs/'.$run->runIndex,
            $run->run->points ?? [],
            $workings,
        );
    }

    private static function course(TankRun $run): HoseCourse
    {
        return new HoseCourse($run->points(), $run->boreMm());
    }
}
