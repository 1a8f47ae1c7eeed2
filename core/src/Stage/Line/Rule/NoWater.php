<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\SnagText;

/** An outlet to which no water comes. */
final class NoWater implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $wrong = new WrongJoints($line->graph);
        $findings = [];
        foreach ($line->graph->outlets as $part) {
            $outlet = $line->alone($part)->outlets[$part->id] ?? null;
            // What is not joined at all says so itself.
            if (null === $outlet || !$outlet->isDry() || [] !== $line->graph->loosePorts($part)) {
                continue;
            }
            $text = new SnagText('line.no-water.title', 'line.no-water.why', ['outlet' => $part->spoken()]);
            $findings[] = new Finding(
                LineFinding::NoWater,
                [$part->id],
                new Measure(0.0, $outlet->figures->leastLpm, 'L/min'),
                $text,
                static fn (): array => self::ways($line, $workings),
                causes: $wrong->upstreamOf($part),
            );
        }

        return $findings;
    }

    /** @return list<Fix> every part with an arrow turned */
    private static function ways(LineWorkings $line, Workings $workings): array
    {
        $turned = array_filter($line->graph->plan->line->parts, static fn (PlannedPart $part): bool => $part->reversed);

        return array_merge([], ...array_map(static fn (PlannedPart $part): array => LineFixes::over($workings)->turn($part), array_values($turned)));
    }
}
