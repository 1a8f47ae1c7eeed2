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
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\FoundMode;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeTrouble;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** What goes wrong in a mode, whichever way the valves are turned. */
final class ModeTroubles implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->modes()->all() as $mode) {
            foreach ($mode->troubles as $trouble => $ids) {
                $findings[] = $this->finding(ModeTrouble::from($trouble), $ids, $mode, $workings);
            }
        }

        return array_values(array_filter($findings));
    }

    /** @param list<string> $ids */
    private function finding(ModeTrouble $trouble, array $ids, FoundMode $mode, Workings $workings): ?Finding
    {
        $isUse = LineMode::Use === $mode->mode;

        return match ($trouble) {
            ModeTrouble::NoWay => $isUse || LineMode::Sanitise === $mode->mode ? null : $this->blocked($mode),
            ModeTrouble::OutByWall => $isUse ? $this->outByWall($ids, $workings) : null,
            ModeTrouble::MainsToTank => LineMode::MainsUse === $mode->mode ? $this->intoTank($ids, $workings) : null,
            ModeTrouble::FillToOutlet => self::counted(
                LineFinding::FillToOutlet,
                $ids,
                new SnagText('line.fill-to-outlet.title', 'line.fill-to-outlet.why', ['taps' => \count($ids)]),
            ),
            ModeTrouble::AirToTank => self::counted(
                LineFinding::BlowAstray,
                $ids,
                new SnagText('line.blow-astray.title', 'line.blow-astray.why.tank', ['to' => self::names($ids, $workings)]),
            ),
            ModeTrouble::AirThroughFilter => self::counted(
                LineFinding::BlowAstray,
                $ids,
                new SnagText('line.blow-astray.title', 'line.blow-astray.why.filter', ['to' => self::names($ids, $workings)]),
            ),
            ModeTrouble::RunsOut => $isUse ? $this->openEnd($ids, $workings) : null,
            ModeTrouble::BackIntoTank, ModeTrouble::DosesDrinking => null,
        };
    }

    /** @param list<string> $ids */
    private static function counted(LineFinding $code, array $ids, SnagText $text): Finding
    {
        return new Finding($code, [$ids[0]], new Measure((float) \count($ids), 0.0, ''), $text, static fn (): array => []);
    }

    private function blocked(FoundMode $mode): Finding
    {
        $why = LineMode::Fill === $mode->mode ? 'line.mode-blocked.why.fill' : 'line.mode-blocked.why';
        $text = new SnagText('line.mode-blocked.title', $why, ['mode' => $mode->mode]);

        return new Finding(LineFinding::ModeBlocked, [$mode->mode->value], new Measure(1.0, 0.0, ''), $text, static fn (): array => []);
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
            $text = new SnagText('line.sucks-air.title', 'line.sucks-air.why', ['inlet' => $inlet->spoken()]);
            $label = new Phrase('line.fix.valve-downstream', ['part' => $inlet->spoken()]);
            $valve = static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::ShutOff, $label);

            return new Finding(LineFinding::SucksAir, [$inlet->id], new Measure(1.0, 0.0, ''), $text, $valve);
        }
        $text = new SnagText('line.mains-out.title', 'line.mains-out.why', ['inlet' => $inlet->spoken()]);
        $label = new Phrase('line.fix.check-downstream', ['part' => $inlet->spoken()]);
        $check = static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::NonReturn, $label);

        $causes = [LineFinding::MainsUnchecked->keyOf([$inlet->id])];

        return new Finding(LineFinding::MainsOut, [$inlet->id], new Measure(1.0, 0.0, ''), $text, $check, causes: $causes);
    }

    /** @param list<string> $ids */
    private function intoTank(array $ids, Workings $workings): Finding
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $text = new SnagText('line.mains-into-tank.title', 'line.mains-into-tank.why', ['tank' => self::names($ids, $workings)]);

        $check = static function () use ($graph, $ids, $workings): array {
            foreach ($graph->draws() as $draw) {
                if ($draw->owner->id === $ids[0]) {
                    $label = new Phrase('line.fix.check-tank', ['tank' => $draw->owner->name]);

                    return LineFixes::over($workings)->into($graph->atPort[$draw->key]->pipe, UsualFor::NonReturn, $label);
                }
            }

            return [];
        };

        return new Finding(LineFinding::MainsIntoTank, [$ids[0]], new Measure(1.0, 0.0, ''), $text, $check);
    }

    /** @param list<string> $ids */
    private function openEnd(array $ids, Workings $workings): ?Finding
    {
        $part = $workings->plan->line->part($ids[0] ?? '');

        if (null === $part) {
            return null;
        }
        $text = new SnagText('line.open-end.title', 'line.open-end.why', ['part' => $part->spoken()]);

        return new Finding(LineFinding::OpenEnd, [$part->id], new Measure(1.0, 0.0, ''), $text, static fn (): array => self::closed($part, $workings));
    }

    /** @return list<Fix> */
    private static function closed(PlannedPart $end, Workings $workings): array
    {
        $pipe = $workings->of(LineWorkings::class)->graph->pipeAt($end, PartPort::In)?->pipe;
        $fixes = LineFixes::over($workings);
        $cap = null === $pipe ? null : $workings->stock->usual(UsualFor::Cap, $pipe->tube);

        return [...$fixes->swaps($end, static fn (StockPart $stock): bool => $stock->id === $cap?->id, PartKind::Cap), ...$fixes->takeOut($end)];
    }

    /**
     * @param list<string> $ids of parts and tanks
     *
     * @return list<string>
     */
    private static function names(array $ids, Workings $workings): array
    {
        $names = [];
        foreach ($workings->plan->line->parts as $part) {
            $names[$part->id] = $part->spoken();
        }
        foreach ($workings->plan->tanks as $tank) {
            $names[$tank->id] = $tank->name;
        }

        return array_map(static fn (string $id): string => $names[$id] ?? $id, $ids);
    }
}
