<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\Drawing\SceneDrawing;
use YardCask\Core\Stage\Line\Shared\OutletFlows;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Words\Amount;

/** What the Line stage says: what the outlet gives that is worst off, and what takes it. */
final class LineAnswer
{
    /** A part that takes less is not to blame. */
    private const TELLING_KPA = 5.0;

    /** @param list<Finding> $findings of all stages */
    public static function of(Workings $workings, array $findings): Answer
    {
        $wording = $workings->wording;
        $line = $workings->of(LineWorkings::class);
        $worst = $line->worst();
        if (null === $worst) {
            $isBare = [] === $workings->plan->line->parts;

            return Answer::of($wording, 'line.answer.no-tap', $isBare ? 'line.answer.no-tap.why' : 'line.answer.no-tap.why.line', 'use.needed', [
                'litres' => Amount::litres($workings->of(UseWorkings::class)->need(Supply::Main)->carryL),
            ]);
        }
        $nearest = $line->rated()[0] ?? null;
        if (null !== $nearest && $nearest->share() > 1) {
            return Answer::of($wording, 'line.answer.over-rated', 'line.answer.over-rated.why', 'line.highest', [
                'part' => $nearest->subject(),
                'pressure' => Amount::pressure($nearest->peak->kpa()),
                'pressure_rated' => Amount::pressure($nearest->ratingKpa),
                'joint' => null === $nearest->joint ? 'no' : 'yes',
                'outlet' => $worst->part->spoken(),
                'flow' => Amount::flow($worst->lpm),
            ]);
        }
        $figure = OutletFlows::figureId($worst->part->id);
        if ($worst->isDry()) {
            return Answer::of(
                $wording,
                'line.answer.no-water',
                'line.answer.no-water.why',
                $figure,
                ['outlet' => $worst->part->spoken(), 'flow' => Amount::flow(0.0)],
            );
        }
        $solved = $line->alone($worst->part);
        $weak = $line->weakTogether();
        if ($worst->isEnough() && null !== $weak && $weak->lpm >= $weak->figures->leastLpm) {
            return Answer::of($wording, 'line.answer.together-pressure', 'line.answer.together-pressure.why', LineFigures::TOGETHER_PRESSURE, [
                'outlet' => $weak->part->spoken(),
                'pressure' => Amount::pressure($weak->kpa),
                'pressure_needed' => Amount::pressure($weak->figures->leastKpa),
                'pressure_alone' => Amount::pressure($line->alone($weak->part)->outlets[$weak->part->id]->kpa),
            ]);
        }
        if ($worst->isEnough() && null !== $weak) {
            return Answer::of($wording, 'line.answer.together', 'line.answer.together.why', LineFigures::TOGETHER, [
                'outlet' => $weak->part->spoken(),
                'flow' => Amount::flow($weak->lpm),
                'flow_needed' => Amount::flow($weak->figures->leastLpm),
                'flow_alone' => Amount::flow($line->alone($weak->part)->outlets[$weak->part->id]->lpm),
            ]);
        }
        if (!$worst->isEnough() && $worst->isShortOfPressure()) {
            return Answer::of($wording, 'line.answer.low-pressure', 'line.answer.low-pressure.why', LineFigures::pressureId($worst->part), [
                'outlet' => $worst->part->spoken(),
                'pressure' => Amount::pressure($worst->kpa),
                'pressure_needed' => Amount::pressure($worst->figures->leastKpa),
                'flow' => Amount::flow($worst->lpm),
            ]);
        }
        $all = $line->all();
        $isEnough = $worst->isEnough();

        return Answer::of($wording, $isEnough ? 'line.answer.enough' : 'line.answer.low', 'line.answer.why', $figure, [
            'stopped' => self::isStopped($findings) ? 'yes' : 'no',
            'nearest' => $isEnough && \count($all) > 1 && !$worst->isShortOfPressure() ? 'yes' : 'no',
            'outlet' => $worst->part->spoken(),
            'flow' => Amount::flow($worst->lpm),
            'flow_needed' => Amount::flow($worst->figures->leastLpm),
            'several' => \count($all) > 1 ? 'yes' : 'no',
            'taker' => $isEnough ? null : self::taker($worst, $solved, $line),
            'driven' => SceneDrawing::driven($solved),
            'flow_all' => Amount::flow(\count($all) < 2 ? 0.0 : $line->solve(new LineCase($all))->outlets[$worst->part->id]->lpm),
        ]);
    }

    /**
     * Whether something in the line can hurt somebody or break: then nothing is called enough.
     *
     * @param list<Finding> $findings
     */
    private static function isStopped(array $findings): bool
    {
        return [] !== array_filter($findings, static fn (Finding $one): bool => 'line' === $one->stage() && Severity::Stop === $one->code->severity());
    }

    /** The part on the water’s way that takes most of the pressure; null where none takes much. */
    private static function taker(SolvedOutlet $worst, SolvedLine $solved, LineWorkings $line): ?string
    {
        $taken = [];
        foreach (WaterPath::to($worst->part, $solved, $line->graph)->parts() as $part) {
            if ($part->kind->isInPath() && !$part->kind->isPoint() && !$part->kind->isPump()) {
                $taken[$part->spoken()] = abs(
                    ($solved->line->nodesKpa[$part->port(PartPort::In)] ?? 0.0) - ($solved->line->nodesKpa[$part->port(PartPort::Out)] ?? 0.0),
                );
            }
        }
        arsort($taken);
        $most = array_key_first($taken);

        return null === $most || $taken[$most] < self::TELLING_KPA ? null : $most;
    }
}
