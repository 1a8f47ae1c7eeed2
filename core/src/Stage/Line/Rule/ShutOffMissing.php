<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\Reach;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Nothing shuts a fixed tank off from its pump. */
final class ShutOffMissing implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineGraph::class);
        $findings = [];
        foreach ($graph->pumps as $pump) {
            if (PartKind::SubmersiblePump === $pump->kind || SourceSide::isBackwards($pump, $graph)) {
                continue;
            }
            foreach (self::unshut($pump, $graph) as $tank) {
                $pipe = $graph->atPort[$tank->key]->pipe;
                $label = new Phrase('line.fix.shut-off', ['tank' => $tank->owner->name]);
                $findings[] = new Finding(
                    LineFinding::ShutOffMissing,
                    [$pump->id, $tank->owner->id],
                    new Measure(0.0, 1.0, ''),
                    new SnagText('line.shut-off-missing.title', 'line.shut-off-missing.why', ['tank' => $tank->owner->name, 'pump' => $pump->spoken()]),
                    static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::ShutOff, $label, round($tank->zM(), 3)),
                );
            }
        }

        return $findings;
    }

    /** @return list<LineEnd> the outlets of fixed tanks from which water comes to a pump past no valve that can be shut */
    private static function unshut(PlannedPart $pump, LineGraph $graph): array
    {
        $in = $pump->entersAt();
        $reach = Reach::from($pump, [$in], $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay()
            || \in_array($part->kind, [PartKind::ShutOff, PartKind::ThreeWayValve], true));

        return array_values(array_filter(
            $reach,
            static fn (LineEnd $end): bool => $end->owner instanceof PlannedTank
                && PartPort::Outlet === $end->port
                && TankMounting::Fixed === $end->owner->form,
        ));
    }
}
