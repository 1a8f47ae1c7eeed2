<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;

/** The line with some of its outlets open. */
final class SceneDrawing
{
    /** What flows less is not said to flow. */
    private const NOTHING_LPM = 0.005;

    /** @return list<LineScene> each outlet alone, those that run together, and all */
    public static function all(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $scenes = [];
        $outlets = $line->graph->outlets;
        foreach ($outlets as $part) {
            $scenes[] = self::one($part->id, $part->name.' alone', $line->alone($part), $line, $workings->say);
        }
        $together = $line->together();
        if ([] !== $together) {
            $scenes[] = self::one('together', 'Together', $line->solve(new LineCase($together)), $line, $workings->say);
        }
        if (\count($outlets) > 1 && \count($together) !== \count($outlets)) {
            $scenes[] = self::one('all', 'All open', $line->solve(new LineCase($line->all())), $line, $workings->say);
        }

        return $scenes;
    }

    private static function one(string $id, string $title, SolvedLine $solved, LineWorkings $line, Say $say): LineScene
    {
        $flows = [];
        foreach ($line->graph->pipes as $index => $pipe) {
            $lpm = $solved->pipeLpm[$index] ?? 0.0;
            $kpa = $solved->kpa($lpm >= 0 ? $pipe->from : $pipe->to);
            $mps = $pipe->velocityMps($lpm);
            $flows[] = new PipeFlow($pipe->pipe->id, $lpm, $mps, abs($lpm) > self::NOTHING_LPM ? \sprintf('%s, %s, %s', $say->flow(abs($lpm)), $say->velocity($mps), $say->pressure($kpa ?? 0.0)) : '', null === $kpa ? '' : $say->pressureFigure($kpa));
        }
        $open = array_values($solved->outlets);

        return new LineScene(
            $id,
            $title,
            array_map(static fn (SolvedOutlet $one): SceneTap => new SceneTap($one->part->id, $one->part->name, $say->flow($one->lpm), self::at($one, $say), $one->isEnough()), $open),
            $flows,
            array_map(static fn (SolvedOutlet $one): PressureStair => StairDrawing::of($one, $solved, $line->graph, $say), $open),
            self::pumps($solved, $say),
        );
    }

    /** “at 43 kPa, 38 °C”. */
    public static function at(SolvedOutlet $one, Say $say): string
    {
        return \sprintf('at %s%s', $say->pressure($one->kpa), $one->hotShare > 0 ? ', '.$say->temperature($one->c) : '');
    }

    public static function pumps(SolvedLine $solved, Say $say): string
    {
        $words = [];
        foreach ($solved->pumps as $pump) {
            $amps = $pump->amps();
            $words[] = \sprintf('%s at %s and %s%s%s', $pump->part->name, $say->flow($pump->lpm), $say->pressure($pump->outKpa), null === $amps ? '' : ', '.number_format($amps, 1)."\u{00A0}A", $pump->cycles ? ', starting and stopping' : '');
        }

        return [] === $words ? 'By its own fall.' : implode('; ', $words).'.';
    }
}
