<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartFamily;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;
use YardCask\Core\Stage\Line\Edit\PartMoves;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Tanks\Shared\CourseFixes;
use YardCask\Core\Stage\Tanks\Shared\HoseCourse;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Stage\Tanks\Shared\Meeting;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A pipe or a part of the line is in something that stands in the rig, above what must stay dry, or close to what gets hot. */
final class LineInTheWay implements RuleWithThresholds
{
    /** As near as this to what gets hot a heater of the line is that thing, and its pipes lead to it. */
    private const ITSELF_MM = 50.0;

    public static function thresholds(): array
    {
        return ['hot_apart' => Amount::mm(InTheWay::HOT_ROOM_MM)];
    }

    public function check(Workings $workings): array
    {
        $things = InTheWay::all($workings->plan);
        $findings = [];
        foreach ([] === $things ? [] : $workings->plan->line->parts as $index => $part) {
            $at = self::place($part);
            foreach ($things as $thing) {
                $meeting = null === $at ? null : Meeting::ofPart($at, $thing);
                if (null !== $meeting && !self::isIt($part, $thing)) {
                    $ways = static fn (): array => PartMoves::away($part, $index, $meeting->thing, $workings);
                    $findings[] = self::finding($part->id, $part->spoken(), [], $meeting, $ways);
                }
            }
        }
        foreach ([] === $things ? [] : $workings->of(LineGraph::class)->pipes as $pipe) {
            $course = new HoseCourse($pipe->course(), $pipe->pipe->tube->boreMm);
            $ends = [$pipe->from->owner, $pipe->to->owner];
            foreach ($things as $thing) {
                $meeting = Meeting::of($course, $thing);
                if (null !== $meeting && !self::leadsTo($pipe, $thing) && !self::isKnownToGoRound($pipe, $course, $thing, $workings)) {
                    $ways = static fn (): array => self::round($pipe, $course, $meeting->thing, $workings);
                    $findings[] = self::finding($pipe->pipe->id, $pipe->phrase(), $ends, $meeting, $ways);
                }
            }
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function round(LinePipe $pipe, HoseCourse $course, InTheWay $thing, Workings $workings): array
    {
        return CourseFixes::round($course, $thing, $pipe->phrase(), '/line/pipes/'.$pipe->index, $pipe->pipe->points, $workings, $pipe->pipe->lengthM);
    }

    /** A pipe that was measured, and has no points, goes round if it is long enough for that. */
    private static function isKnownToGoRound(LinePipe $pipe, HoseCourse $course, InTheWay $thing, Workings $workings): bool
    {
        $straight = $course->stretches[0] ?? null;
        if (null === $pipe->pipe->lengthM || null === $straight || [] !== $pipe->pipe->points) {
            return false;
        }
        $longerM = CourseFixes::longerM($course, $thing, $workings->plan);

        return null !== $longerM && $pipe->pipe->lengthM >= $straight->lengthMm() / 1000 + $longerM;
    }

    private static function leadsTo(LinePipe $pipe, InTheWay $thing): bool
    {
        $isIt = static fn (object $end): bool => $end instanceof PlannedPart && self::isIt($end, $thing);

        return $isIt($pipe->from->owner) || $isIt($pipe->to->owner);
    }

    private static function place(PlannedPart $part): ?RunPoint
    {
        return null === $part->xM || null === $part->yM ? null : new RunPoint($part->xM, $part->yM, $part->zM);
    }

    /** Whether a heater of the line is the very thing that is said to get hot. */
    private static function isIt(PlannedPart $part, InTheWay $thing): bool
    {
        $at = ThingNeed::Hot === $thing->need && PartFamily::Heater === $part->kind->family() ? self::place($part) : null;

        return null !== $at && (new Stretch($at, $at))->apartMm($thing->body) <= self::ITSELF_MM;
    }

    /**
     * @param list<PlannedPart|PlannedTank> $ends of a pipe; none of a part
     * @param \Closure(): list<Fix> $ways
     */
    private static function finding(string $id, string|Phrase $what, array $ends, Meeting $meeting, \Closure $ways): Finding
    {
        [$code, $title, $why] = match (true) {
            $meeting->isThrough() && [] === $ends => [LineFinding::Obstructed, 'line.obstructed.title.part', 'line.obstructed.why.part'],
            $meeting->isThrough() => [LineFinding::Obstructed, 'line.obstructed.title', 'line.obstructed.why'],
            $meeting->isNearHot() => [LineFinding::NearHot, 'line.near-hot.title', 'line.near-hot.why'],
            default => [LineFinding::OverDry, 'line.over-dry.title', 'line.over-dry.why'],
        };
        $text = new SnagText($title, $why, ['what' => $what] + $meeting->with());

        // A pipe is where its ends are.
        $causes = array_map(static fn (object $end): string => $code->keyOf([$end->id, $meeting->thing->id]), $ends);

        return new Finding($code, [$id, $meeting->thing->id], $meeting->measure(), $text, $ways, $meeting->thing->look, causes: $causes);
    }
}
