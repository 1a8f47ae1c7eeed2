<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\SolvedPump;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** The line with some of its outlets open. */
final class SceneDrawing
{
    /** What flows less is not said to flow. */
    private const NOTHING_LPM = 0.005;

    /**
     * @param LineWorkings|null $turned the line with some valves turned; without it as they are in use
     *
     * @return list<LineScene> each outlet alone, those that run together, and all
     */
    public static function all(Workings $workings, ?LineWorkings $turned = null, LineMode $mode = LineMode::Use): array
    {
        $line = $turned ?? $workings->of(LineWorkings::class);
        $scenes = [];
        $outlets = $line->graph->outlets;
        foreach ($outlets as $part) {
            $scenes[] = self::one(
                $part->id,
                $workings->wording->text('line.scene.alone', ['outlet' => $part->name]),
                LineMode::Use === $mode ? $line->alone($part) : $line->solve(new LineCase([$part->id], mode: $mode)),
                $line,
                $workings->wording,
            );
        }
        $together = $line->together();
        if ([] !== $together) {
            $scenes[] = self::one(
                'together',
                $workings->wording->text('line.scene.together'),
                $line->solve(new LineCase($together, mode: $mode)),
                $line,
                $workings->wording,
            );
        }
        if (\count($outlets) > 1 && \count($together) !== \count($outlets)) {
            $all = $line->solve(new LineCase($line->all(), mode: $mode));
            $scenes[] = self::one('all', $workings->wording->text('line.scene.all'), $all, $line, $workings->wording);
        }

        return $scenes;
    }

    private static function one(string $id, string $title, SolvedLine $solved, LineWorkings $line, Wording $wording): LineScene
    {
        $flows = [];
        foreach ($line->graph->pipes as $pipe) {
            $lpm = $solved->lpm($pipe);
            $kpa = $solved->kpa($lpm >= 0 ? $pipe->from : $pipe->to);
            $mps = $pipe->velocityMps($lpm);
            $flows[] = new PipeFlow(
                $pipe->pipe->id,
                $lpm,
                $mps,
                abs($lpm) > self::NOTHING_LPM
                    ? \sprintf('%s, %s, %s', $wording->flow(abs($lpm)), $wording->velocity($mps), $wording->pressure($kpa ?? 0.0))
                    : '',
                null === $kpa ? '' : $wording->pressureFigure($kpa),
            );
        }
        $open = array_values($solved->outlets);

        return new LineScene(
            $id,
            $title,
            array_map(
                static fn (SolvedOutlet $one): SceneTap => new SceneTap(
                    $one->part->id,
                    $one->part->name,
                    $wording->flow($one->lpm),
                    $wording->phrase(self::at($one)),
                    $one->isEnough(),
                ),
                $open,
            ),
            $flows,
            array_map(static fn (SolvedOutlet $one): PressureStair => StairDrawing::of($one, $solved, $line->graph, $wording), $open),
            $wording->text('line.scene.driven', ['driven' => self::driven($solved)]),
        );
    }

    /** “at 43 kPa, 38 °C”. */
    public static function at(SolvedOutlet $one): Phrase
    {
        return new Phrase(
            'line.scene.at',
            ['pressure' => Amount::pressure($one->kpa), 'warm' => $one->hotShare > 0 ? 'yes' : 'no', 'temperature' => Amount::temperature($one->c)],
        );
    }

    /**
     * What drives the water: each pump at its flow and pressure, or gravity.
     *
     * @return list<Phrase>
     */
    public static function driven(SolvedLine $solved): array
    {
        $pumps = array_map(static fn (SolvedPump $pump): Phrase => new Phrase('line.scene.pump', [
            'pump' => $pump->part->spoken(),
            'flow' => Amount::flow($pump->lpm),
            'pressure' => Amount::pressure($pump->outKpa),
            'powered' => null === $pump->amps() ? 'no' : 'yes',
            'amps' => number_format($pump->amps() ?? 0.0, 1),
            'cycles' => $pump->cycles ? 'yes' : 'no',
        ]), array_values($solved->pumps));

        return [] === $pumps ? [new Phrase('line.scene.gravity')] : $pumps;
    }
}
