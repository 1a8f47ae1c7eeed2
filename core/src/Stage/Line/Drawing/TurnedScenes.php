<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\Position;

/** What flows with valves turned by hand: the plan stays as it is. */
final class TurnedScenes
{
    /** What stands in the water’s path; at a drain nothing is shut off. */
    private const KINDS = [PartKind::ShutOff, PartKind::ThreeWayValve];

    /** @return list<ValvePosition> how a part can be turned, none where nothing turns */
    public static function positions(PlannedPart $part, Workings $workings): array
    {
        $ways = self::ways($part);
        if ([] === $ways) {
            return [];
        }
        $usual = $workings->of(LineWorkings::class)->modes()->of(LineMode::Use)->positions[$part->id] ?? $ways[0];

        return array_map(
            static fn (Position $way): ValvePosition => new ValvePosition($way->value, $workings->wording->phrase($way->phrase()), $way === $usual),
            $ways,
        );
    }

    /**
     * @param mixed $turned decoded JSON, objects as stdClass: {"ball-valve": "shut"}
     *
     * @return list<LineScene>
     *
     * @throws InvalidInput with what is no valve of the plan, or no way to turn it
     */
    public static function of(mixed $turned, Plan $plan): array
    {
        $workings = Workings::over($plan);
        $in = InputReader::of($turned);
        $positions = [];
        foreach ($plan->line->parts as $part) {
            $ways = self::ways($part);
            if ([] !== $ways && $in->has($part->id)) {
                $positions[$part->id] = $in->choice($part->id, $ways);
            }
        }
        $in->finish();
        $in->throwIfInvalid();

        return SceneDrawing::all($workings, $workings->of(LineWorkings::class)->turned($positions));
    }

    /** @return list<Position> */
    private static function ways(PlannedPart $part): array
    {
        return \in_array($part->kind, self::KINDS, true) ? Position::of($part->kind) : [];
    }
}
