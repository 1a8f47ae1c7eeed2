<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\InletPath;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Mains runs into a tank without an air gap or a float valve: tank water can be drawn back, and nothing stops it when the tank is full. */
final class FillUnbroken implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $fills = $workings->of(LineFills::class);
        $findings = [];
        foreach ($graph->fills() as $inlet) {
            $tank = $inlet->owner;
            $isBroken = [] !== array_filter(
                InletPath::from($inlet, $graph),
                static fn (LineEnd $end): bool => $end->owner instanceof PlannedPart && $end->owner->kind->breaksInflow(),
            );
            if ($isBroken || !$tank instanceof PlannedTank || [] === array_filter($fills->of($tank), static fn (LineFill $fill): bool => $fill->isMains())) {
                continue;
            }
            $pipe = $graph->atPort[$inlet->key]->pipe;
            $label = new Phrase('line.fix.inflow-break', ['tank' => $tank->name]);
            $findings[] = new Finding(
                LineFinding::FillUnbroken,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('line.fill-unbroken.title', 'line.fill-unbroken.why', ['tank' => $tank->name]),
                static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::InflowBreak, $label, $inlet->zM()),
            );
        }

        return $findings;
    }
}
