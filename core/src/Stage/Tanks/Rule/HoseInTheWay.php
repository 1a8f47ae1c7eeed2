<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\CourseFixes;
use YardCask\Core\Stage\Tanks\Shared\HoseCourse;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Stage\Tanks\Shared\Meeting;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\SnagText;

/** A hose of a tank goes through something that stands in the rig, or close to what gets hot. */
final class HoseInTheWay implements Rule
{
    public function check(Workings $workings): array
    {
        $things = InTheWay::all($workings->plan);
        $findings = [];
        foreach ([] === $things ? [] : $workings->of(RunWorkings::class)->all as $run) {
            $course = new HoseCourse($run->points(), $run->boreMm());
            foreach (null === $run->run ? [] : $things as $thing) {
                $meeting = Meeting::of($course, $thing);
                // What is above something dry the tank's own rule says.
                if (null !== $meeting && ($meeting->isThrough() || $meeting->isNearHot())) {
                    $findings[] = self::finding($run, $course, $meeting, $workings);
                }
            }
        }

        return $findings;
    }

    private static function finding(TankRun $run, HoseCourse $course, Meeting $meeting, Workings $workings): Finding
    {
        $name = $run->run->name ?? $run->port->name;
        [$code, $title, $why] = $meeting->isThrough()
            ? [TanksFinding::HoseObstructed, 'tanks.hose-obstructed.title', 'tanks.hose-obstructed.why']
            : [TanksFinding::HoseNearHot, 'tanks.hose-near-hot.title', 'tanks.hose-near-hot.why'];

        return new Finding(
            $code,
            [$run->run->id ?? $run->port->id, $meeting->thing->id],
            $meeting->measure(),
            new SnagText($title, $why, ['hose' => $name] + $meeting->with()),
            static fn (): array => CourseFixes::round($course, $meeting->thing, $name, '/runs/'.$run->runIndex, $run->run->points ?? [], $workings),
            $meeting->thing->look,
            // Beside a tank that is too close itself.
            causes: [TanksFinding::TankNearHot->keyOf([$run->tank->tank->id, $meeting->thing->id])],
        );
    }
}
