<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeTrouble;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/**
 * Mains pressure comes to a pump, and only the pump's own valves keep it out of the tank. They are made to pump, not to hold mains back, and a shut-off
 * valve is forgotten. A three-way valve that turns from one to the other does hold.
 */
final class MainsPastPump implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $ways = $line->modes()->ways();
        if (!$ways->has(LineMode::MainsUse)) {
            return [];
        }
        $mode = $line->modes()->of(LineMode::MainsUse);
        $reached = $ways->pressedOn(LineMode::MainsUse, $mode->positions);
        $findings = [];
        foreach ($line->graph->draws() as $draw) {
            if (!isset($reached[$draw->node]) || \in_array($draw->owner->id, $mode->troubles[ModeTrouble::MainsToTank->value] ?? [], true)) {
                continue;
            }
            $findings[$draw->owner->id] ??= new Finding(
                LineFinding::MainsIntoTank,
                [$draw->owner->id],
                new Measure(1.0, 0.0, ''),
                new SnagText('line.mains-into-tank.title', 'line.mains-into-tank.why.pump', ['tank' => $draw->owner->name]),
                static fn (): array => self::checks($reached, $workings),
                // One that is there and turned round is a snag of its own.
                causes: array_map(static fn (PlannedPart $one): string => LineFinding::Backwards->keyOf([$one->id]), $line->graph->parts(PartKind::NonReturn)),
            );
        }

        return array_values($findings);
    }

    /**
     * @param array<string, true> $reached the nodes that mains presses on
     *
     * @return list<Fix> a check valve before each pump that it presses on from behind
     */
    private static function checks(array $reached, Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $fixes = [];
        foreach ($graph->pumps as $pump) {
            if (isset($reached[$pump->port($pump->leavesAt())])) {
                $label = new Phrase('line.fix.check-pump', ['pump' => $pump->spoken()]);
                array_push($fixes, ...LineFixes::over($workings)->into($graph->pipeAt($pump, $pump->entersAt())?->pipe, UsualFor::NonReturn, $label));
            }
        }

        return $fixes;
    }
}
