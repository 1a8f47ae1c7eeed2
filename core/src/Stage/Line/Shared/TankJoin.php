<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Phrase;

/** Joins a tank to the line through a valve that chooses between it and another: tanks that are simply teed together fill each other. */
final class TankJoin
{
    /**
     * @param list<string> $beside ids of the tanks beside which it may be joined
     *
     * @return list<Fix> beside each of these that has the same water and a pipe at its outlet
     */
    public static function fixes(PlannedTank $tank, array $beside, Workings $workings): array
    {
        $fixes = [];
        foreach (self::suctions($tank, LineGraph::of($workings->plan)) as $end) {
            $draft = \in_array($end->owner->id, $beside, true) ? self::draft($tank, $end, $workings->plan, $workings->stock) : null;
            if (null !== $draft) {
                $fixes[] = new Fix(new Phrase('tanks.fix.join', ['tank' => $tank->name, 'other' => $end->spoken()]), $draft->patch());
            }
        }

        return $fixes;
    }

    /** @return list<string> keys of what is wrong with the line between a tank and every outlet */
    public static function obstacles(PlannedTank $tank, Workings $workings): array
    {
        return (new WrongJoints($workings->of(LineWorkings::class)->graph))->downstreamOf($tank);
    }

    /** The plan with a tank joined beside the first that has the same water; the plan itself where there is none or the parts are missing. */
    public static function joined(PlannedTank $tank, Plan $plan, PartStock $stock): Plan
    {
        $end = self::suctions($tank, LineGraph::of($plan))[0] ?? null;

        return (null === $end ? null : self::draft($tank, $end, $plan, $stock))?->plan() ?? $plan;
    }

    /** @return list<LineEnd> the outlets of other tanks with the same water, unless the pump hangs in a can */
    private static function suctions(PlannedTank $tank, LineGraph $graph): array
    {
        return array_values(array_filter($graph->draws(), static function (LineEnd $end) use ($tank, $graph): bool {
            $pipe = $graph->atPort[$end->key] ?? null;
            $next = null === $pipe ? null : ($pipe->from->key === $end->key ? $pipe->to : $pipe->from)->owner;

            return $end->owner instanceof PlannedTank
                && $end->owner->id !== $tank->id
                && $end->owner->holds === $tank->holds
                && $next instanceof PlannedPart
                && (TankMounting::Fixed === $end->owner->form || PartKind::SubmersiblePump !== $next->kind);
        }));
    }

    private static function draft(PlannedTank $tank, LineEnd $suction, Plan $plan, PartStock $stock): ?LineDraft
    {
        $graph = LineGraph::of($plan);
        $pipe = ($graph->atPort[$suction->key] ?? null)?->pipe;
        $valve = $stock->usual(UsualFor::Selector, $pipe?->tube);
        $tee = $stock->usual(UsualFor::Tee, $pipe?->tube);
        $with = LineDraft::of($plan)->outletOf($tank);
        if (null === $pipe || null === $valve || null === $tee || null === $with) {
            return null;
        }
        [$outlet, $draft] = $with;
        $own = ($graph->atPort[$outlet] ?? null)?->pipe;
        $wrong = array_filter($plan->line->pipes, static fn (PlannedPipe $one): bool => $one !== $own && \in_array($outlet, [$one->from, $one->to], true));

        return [] === $wrong ? $draft->selecting($pipe, $suction, $valve, $own ?? $outlet, $tee) : null;
    }
}
