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
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\Position;

/** What flows in a mode, and with valves turned by hand: the plan stays as it is. */
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
     * @param mixed $asked decoded JSON, objects as stdClass: {"turned": {"ball-valve": "shut"}, "mode": "use"}, the mode of use where none is said
     *
     * @throws InvalidInput naming what is no valve of the plan, a way it cannot be turned, or a mode the line has not
     */
    public static function of(mixed $asked, Plan $plan): TurnedLine
    {
        $workings = Workings::over($plan);
        $line = $workings->of(LineWorkings::class);
        $in = InputReader::of($asked);
        $modes = array_map(static fn (FoundMode $one): LineMode => $one->mode, $line->modes()->all());
        $mode = [] !== $modes && $in->has('mode') ? $in->choice('mode', $modes) : LineMode::Use;
        $hands = $in->object('turned');
        $turned = [];
        foreach ($plan->line->parts as $part) {
            $ways = self::ways($part);
            if ([] !== $ways && $hands->has($part->id)) {
                $turned[$part->id] = $hands->choice($part->id, $ways);
            }
        }
        $hands->finish();
        $in->finish();
        $in->throwIfInvalid();

        $valves = [];
        foreach ($line->modes()->of($mode)->turned($turned)->positions as $id => $position) {
            $valves[] = new TurnedValve($id, $position->value, $workings->wording->phrase($position->phrase()));
        }

        return new TurnedLine($mode->opensTaps() ? SceneDrawing::all($workings, $line->turned($turned), $mode) : [], $valves);
    }

    /** @return list<Position> */
    private static function ways(PlannedPart $part): array
    {
        return \in_array($part->kind, self::KINDS, true) ? Position::of($part->kind) : [];
    }
}
