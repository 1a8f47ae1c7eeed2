<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Shared\HeldWater;
use YardCask\Core\Stage\Line\Solve\HotSection;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A storage heater needs a non-return valve upstream and something that takes up the expansion of its water. */
final class HeaterOrder implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $graph = $line->graph;
        $findings = [];
        foreach ($line->hotSections() as $section) {
            $heater = $section->heater;
            $in = $heater->entersAt();
            $pipe = $graph->pipeAt($heater, $in)?->pipe;
            if (!$heater->figures instanceof HeaterFigures || null === $pipe) {
                continue;
            }
            if (PartKind::StorageHeater === $heater->kind && !HotSection::isChecked($heater, $graph)) {
                $findings[] = self::unchecked($heater, self::coldPipe($heater, $in, $graph), $graph, $workings);
            }
            $closedBy = $section->closedBy();
            if (null !== $closedBy && !$section->isOpen() && [] === $section->reliefs) {
                array_push($findings, ...self::closed($section, $heater->figures, $closedBy, $pipe, $workings));
            }
        }

        return $findings;
    }

    private static function unchecked(PlannedPart $heater, ?PlannedPipe $cold, LineGraph $graph, Workings $workings): Finding
    {
        $text = new SnagText('line.heater-no-check.title', 'line.heater-no-check.why', ['heater' => $heater->spoken()]);
        $label = new Phrase('line.fix.check-heater', ['heater' => $heater->spoken()]);

        return new Finding(
            LineFinding::HeaterNoCheck,
            [$heater->id],
            new Measure(0.0, 1.0, ''),
            $text,
            static fn (): array => LineFixes::over($workings)->into($cold, UsualFor::HeaterNonReturn, $label),
            causes: (new WrongJoints($graph))->upstreamOf($heater),
        );
    }

    /** @return list<Finding> one where its vessels and hoses take up less than it expands before something bursts */
    private static function closed(HotSection $section, HeaterFigures $figures, PlannedPart $closedBy, PlannedPipe $pipe, Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $heater = $section->heater;
        $weakestKpa = $line->weakest($section)->ratingKpa ?? \INF;
        $reachesKpa = $section->heatedKpa($line->highest()->coldKpa[$heater->id]);
        if ($reachesKpa <= $weakestKpa) {
            return [];
        }
        $text = new SnagText([] === $section->vessels ? 'line.heater-closed.title' : 'line.heater-closed.title.vessel', 'line.heater-closed.why', [
            'heater' => $heater->spoken(),
            'vessel' => ($section->vessels[0] ?? $heater)->spoken(),
            'hot' => Amount::temperature($figures->hotC),
            'litres' => Amount::litres(HeldWater::litres($heater)),
            'expands' => Amount::little($section->expandsL),
            'closed' => $closedBy->spoken(),
        ]);
        $with = ['heater' => $heater->spoken()];

        return [new Finding(LineFinding::HeaterClosed, [$heater->id], new Measure($section->expandsL, 0.0, 'L'), $text, static fn (): array => [
            ...LineFixes::over($workings)->into($pipe, UsualFor::HeaterRelief, new Phrase('line.fix.relief', $with)),
            ...LineFixes::over($workings)->into($pipe, UsualFor::HeaterExpansion, new Phrase('line.fix.expansion', $with)),
            ...self::larger($section, $weakestKpa, $workings),
        ])];
    }

    /** @return list<Fix> a vessel that takes it up, if there is one that does not */
    private static function larger(HotSection $section, float $mostKpa, Workings $workings): array
    {
        $coldKpa = $workings->of(LineWorkings::class)->highest()->coldKpa[$section->heater->id];

        return [] === $section->vessels ? [] : LineFixes::over($workings)->swaps(
            $section->vessels[0],
            static fn (StockPart $stock): bool => $stock->figures instanceof VesselFigures
                && $stock->make->ratingC >= $section->vessels[0]->make->ratingC
                && $section->heatedKpa($coldKpa, $stock->figures) <= $mostKpa,
        );
    }

    /** The cold supply of a heater, upstream of the vessels and valves that belong to it. */
    private static function coldPipe(PlannedPart $heater, PartPort $in, LineGraph $graph): ?PlannedPipe
    {
        [$part, $port] = [$heater, $in];
        // More than there are parts it cannot pass without going round.
        for ($passed = 0; $passed <= \count($graph->plan->line->parts); ++$passed) {
            $end = $graph->beyond($part, $port);
            if (
                !$end?->owner instanceof PlannedPart
                || !\in_array($end->owner->kind, [PartKind::Accumulator, PartKind::Relief, PartKind::DrainValve, PartKind::BlowOutPort], true)
            ) {
                return $graph->pipeAt($part, $port)?->pipe;
            }
            [$part, $port] = [$end->owner, PartPort::In === $end->port ? PartPort::Out : PartPort::In];
        }

        return null;
    }
}
