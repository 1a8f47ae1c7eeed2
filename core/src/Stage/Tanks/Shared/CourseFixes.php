<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;
use YardCask\Core\Run\WayRound;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A hose or a pipe led round what it must not meet, the nearest straight way first. */
final class CourseFixes
{
    private const MOST = 3;
    /** Between the wall of a hose and what it passes: a clip, and what the wall itself is thick. */
    private const CLIP_MM = 15.0;

    /**
     * @param string $pointer of the hose in the plan
     * @param list<PlannedRunPoint> $planned its points in the plan
     * @param float|null $measuredM of a hose that has a length of its own, what that is
     *
     * @return list<Fix>
     */
    public static function round(
        HoseCourse $course,
        InTheWay $thing,
        Phrase|string $name,
        string $pointer,
        array $planned,
        Workings $workings,
        ?float $measuredM = null,
    ): array {
        $fixes = [];
        foreach (self::ways($course, $thing, $workings->plan) as [$index, $bends, $longerM]) {
            if (\count($planned) + \count($bends) > PlannedRun::MOST_POINTS || \count($fixes) >= self::MOST) {
                continue;
            }
            $label = new Phrase(
                'tanks.fix.way-round',
                ['hose' => $name, 'thing' => $thing->name, 'side' => self::side($bends[0], $thing), 'longer' => Amount::distance($longerM)],
            );
            $patch = self::patch($bends, $index, $thing, $pointer, $planned, $workings);
            $measured = null === $measuredM ? PlanPatch::none() : PlanPatch::replace($pointer.'/length_m', round($measuredM + $longerM, 3));
            $fixes[] = new Fix($label, $patch->and($measured));
        }

        return $fixes;
    }

    /** How much longer than straight a hose is at least that goes round something, in m; null where it does not have to, or cannot. */
    public static function longerM(HoseCourse $course, InTheWay $thing, Plan $plan): ?float
    {
        return self::ways($course, $thing, $plan)[0][2] ?? null;
    }

    /** @return list<array{int, non-empty-list<RunPoint>, float}> the first stretch that meets it, the bends of each way round, and how much longer in m */
    private static function ways(HoseCourse $course, InTheWay $thing, Plan $plan): array
    {
        $halfMm = $course->boreMm / 2 + self::CLIP_MM;
        foreach ($course->stretches as $index => $stretch) {
            if (Meeting::isMetBy($stretch, $thing)) {
                $ways = (new WayRound(self::boxes($stretch, $halfMm, $plan), self::within($stretch, $plan)))->ways($stretch->begin, $stretch->end);
                $straightM = $stretch->lengthMm() / 1000;

                return array_map(
                    static fn (array $bends): array => [$index, $bends, WayRound::lengthM([$stretch->begin, ...$bends, $stretch->end]) - $straightM],
                    $ways,
                );
            }
        }

        return [];
    }

    /** @return list<Box> what a stretch has to stay out of */
    private static function boxes(Stretch $stretch, float $halfMm, Plan $plan): array
    {
        $boxes = [];
        foreach (InTheWay::all($plan) as $thing) {
            // Where an end has to be in the room around it, the thing itself is passed all the same.
            foreach ([$thing->zone($halfMm), $thing->zone(0.0), $thing->body] as $box) {
                if (!$stretch->begin->isInside($box) && !$stretch->end->isInside($box)) {
                    $boxes[] = $box;
                    break;
                }
            }
        }

        return $boxes;
    }

    /** Inside the rig, and on the same side of its floor as both ends. */
    private static function within(Stretch $stretch, Plan $plan): Box
    {
        $rig = $plan->load->rig;
        $sizes = $rig->sizes();
        [$lowM, $highM] = [min($stretch->begin->zM, $stretch->end->zM), max($stretch->begin->zM, $stretch->end->zM)];

        return new Box(
            [
                1000 * min($rig->bodyFromM(), $stretch->begin->xM, $stretch->end->xM),
                1000 * min(-$sizes->widthM / 2, $stretch->begin->yM, $stretch->end->yM),
                1000 * ($lowM >= $sizes->floorM ? $sizes->floorM : min($lowM, $sizes->floorM)),
            ],
            [
                1000 * max($rig->bodyFromM() + $sizes->lengthM, $stretch->begin->xM, $stretch->end->xM),
                1000 * max($sizes->widthM / 2, $stretch->begin->yM, $stretch->end->yM),
                1000 * ($highM <= $sizes->floorM ? $sizes->floorM : max($highM, $sizes->heightM)),
            ],
        );
    }

    /**
     * @param non-empty-list<RunPoint> $bends
     * @param list<PlannedRunPoint> $planned
     */
    private static function patch(array $bends, int $index, InTheWay $thing, string $pointer, array $planned, Workings $workings): PlanPatch
    {
        $wanted = mb_substr($workings->wording->text('tanks.new.past', ['thing' => $thing->name]), 0, Text::LONGEST_NAME);
        $names = array_column($planned, 'name');
        $patches = [];
        foreach ($bends as $of => $bend) {
            $names[] = $name = FreeName::of($wanted, $names);
            $point = new PlannedRunPoint(FreeId::of('point', $workings->plan, $of), $name, round($bend->xM, 4), round($bend->yM, 4), round($bend->zM, 4));
            $patches[] = PlanPatch::add($pointer.'/points/'.($index + $of), $point);
        }

        return PlanPatch::all($patches);
    }

    /** On which side of it a bend is: the one on which it is furthest out. */
    private static function side(RunPoint $bend, InTheWay $thing): string
    {
        $box = $thing->zone(0.0);
        $out = [
            'over' => 1000 * $bend->zM - $box->high[2],
            'under' => $box->low[2] - 1000 * $bend->zM,
            'left' => $box->low[1] - 1000 * $bend->yM,
            'right' => 1000 * $bend->yM - $box->high[1],
            'front' => $box->low[0] - 1000 * $bend->xM,
            'rear' => 1000 * $bend->xM - $box->high[0],
        ];

        // At a corner, where two are the same, the first.
        $out = array_map(static fn (float $mm): float => round($mm, 1), $out);

        return (string) array_search(max($out), $out, true);
    }
}
