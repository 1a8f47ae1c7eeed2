<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeTrouble;

/** What goes wrong in a mode, whichever way the valves are turned. */
final class ModeTroubles implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $graph = $line->graph;
        $findings = [];
        foreach ($line->modes()->all() as $mode) {
            foreach ($mode->troubles as $trouble => $ids) {
                $finding = match (ModeTrouble::from($trouble)) {
                    ModeTrouble::NoWay => LineMode::Use === $mode->mode || LineMode::Sanitise === $mode->mode ? null : $this->blocked($mode),
                    ModeTrouble::OutByWall => LineMode::Use === $mode->mode ? $this->outByWall($ids, $workings) : null,
                    ModeTrouble::MainsToTank => LineMode::MainsUse === $mode->mode ? $this->intoTank($ids, $workings) : null,
                    ModeTrouble::BackIntoTank => null,
                    ModeTrouble::FillToOutlet => new Finding(LineFinding::FillToOutlet, [$ids[0]], new Measure((float) \count($ids), 0.0, ''), 'Filling by the pump also opens the way to the taps', \sprintf('The pump then works against %s, and a tap that drips takes what should go into the tank: shut a valve before %s, or turn a two-way valve.', ...(1 === \count($ids) ? ['a shut tap', 'it'] : [Say::count(\count($ids)).' shut taps', 'them'])), static fn (): array => []),
                    ModeTrouble::AirToTank, ModeTrouble::AirThroughFilter => new Finding(LineFinding::BlowAstray, [$ids[0]], new Measure((float) \count($ids), 0.0, ''), \sprintf('Blown air comes to %s', self::names($ids, $workings)), ModeTrouble::AirToTank->value === $trouble ? 'It lifts the lid, or blows water out of the vent, in place of emptying the line: a non-return valve between them holds it back.' : 'Take its cartridge out before, or the air tears it.', static fn (): array => []),
                    ModeTrouble::DosesDrinking => null,
                    ModeTrouble::RunsOut => LineMode::Use === $mode->mode ? $this->openEnd($ids, $workings) : null,
                };
                if (null !== $finding) {
                    $findings[] = $finding;
                }
            }
        }
        if ($workings->plan->load->rig instanceof PlannedBoat && [] !== $graph->parts(PartKind::MainsInlet)) {
            $findings[] = new Finding(LineFinding::MainsUnwatched, [], new Measure(1.0, 0.0, ''), 'Mains on a boat never ends', 'A tank runs dry; a shore tap goes on until she sinks. Shut it whenever nobody is aboard.', static fn (): array => []);
        }

        return $findings;
    }

    private function blocked(FoundMode $mode): Finding
    {
        return new Finding(LineFinding::ModeBlocked, [$mode->mode->value], new Measure(1.0, 0.0, ''), \sprintf('No position of the valves gives: %s', lcfirst($mode->mode->word())), LineMode::Fill === $mode->mode ? 'From the hose no way leads to a tank’s inlet: a two-way valve before the pump and one behind it give it both.' : 'Something lets water through in the other direction only, or two ways are wanted of one valve.', static fn (): array => []);
    }

    /** @param list<string> $ids */
    private function outByWall(array $ids, Workings $workings): ?Finding
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $inlet = $graph->plan->line->part($ids[0]);
        if (null === $inlet) {
            return $this->openEnd(array_column($graph->parts(PartKind::DrainValve), 'id'), $workings);
        }
        $pipe = $graph->pipeAt($inlet, PartPort::Out)?->pipe;
        if (PartKind::FillInlet === $inlet->kind) {
            return new Finding(LineFinding::SucksAir, [$inlet->id], new Measure(1.0, 0.0, ''), \sprintf('%s lets air in, and the tank out', $inlet->name), 'It hangs on the line while water is used: a pump draws air through it in place of water, and a tank that stands higher runs out by it. A valve shuts it when nobody fills.', static fn (): array => null === $pipe ? [] : LineFixes::over($workings)->into($pipe, LineFixes::byBore('ball-valve', $pipe), 'behind '.$inlet->name));
        }

        return new Finding(LineFinding::MainsOut, [$inlet->id], new Measure(1.0, 0.0, ''), \sprintf('The pump presses water out of %s', $inlet->name), 'Nothing between it and the line holds water back: with the hose off, it runs out of the wall.', static fn (): array => null === $pipe ? [] : LineFixes::over($workings)->into($pipe, LineFixes::byBore('non-return', $pipe), 'behind '.$inlet->name));
    }

    /** @param list<string> $ids */
    private function intoTank(array $ids, Workings $workings): Finding
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $name = self::names($ids, $workings);

        return new Finding(LineFinding::MainsIntoTank, [$ids[0]], new Measure(1.0, 0.0, ''), \sprintf('Mains presses into %s', $name), 'It comes to the tank with nothing to stop it: the tank overflows, or bursts where its vent is too thin.', static function () use ($graph, $ids, $workings): array {
            foreach ($graph->draws() as $draw) {
                $pipe = $graph->atPort[$draw->key] ?? null;
                if ($draw->owner->id === $ids[0] && null !== $pipe) {
                    return LineFixes::over($workings)->into($pipe->pipe, LineFixes::byBore('non-return', $pipe->pipe), 'at '.$draw->owner->name);
                }
            }

            return [];
        });
    }

    /** @param list<string> $ids */
    private function openEnd(array $ids, Workings $workings): ?Finding
    {
        $part = $workings->plan->line->part($ids[0] ?? '');

        return null === $part ? null : new Finding(LineFinding::OpenEnd, [$part->id], new Measure(1.0, 0.0, ''), \sprintf('Water runs out of %s', $part->name), 'Nothing shuts it: the tank empties by itself.', static fn (): array => self::closed($part, $workings));
    }

    /** @return list<Fix> */
    private static function closed(PlannedPart $end, Workings $workings): array
    {
        $pipe = $workings->of(LineWorkings::class)->graph->pipeAt($end, PartPort::In)?->pipe;
        $fixes = LineFixes::over($workings);
        $cap = null === $pipe ? null : $fixes->first(LineFixes::byBore('cap', $pipe));

        return [...$fixes->swaps($end, static fn (StockPart $stock): bool => $stock->id === $cap?->id, PartKind::Cap), ...$fixes->takeOut($end)];
    }

    /** @param list<string> $ids of parts and tanks */
    private static function names(array $ids, Workings $workings): string
    {
        $names = array_column([...$workings->plan->line->parts, ...$workings->plan->tanks], 'name', 'id');

        return implode(' and ', array_map(static fn (string $id): string => $names[$id] ?? $id, $ids));
    }
}
