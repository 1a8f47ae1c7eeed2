<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\Answer;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Stage\Line\Drawing\SceneDrawing;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** What the Line stage says: what the outlet gives that is worst off, and what takes it. */
final class LineAnswer
{
    /** A part that takes less is not to blame. */
    private const TELLING_KPA = 5.0;

    public static function of(Workings $workings): Answer
    {
        $line = $workings->of(LineWorkings::class);
        $worst = $line->worst();
        if (null === $worst) {
            return new Answer('No tap yet: ', $workings->say->litres($workings->of(UseWorkings::class)->need(Supply::Main)->carryL), ' have no way out.', [] === $workings->plan->line->parts ? 'Begin with a school: each is a working line from your tanks, to be changed as you like.' : 'The line has no outlet: put one at its end.', 'use.needed');
        }
        $nearest = $line->rated()[0] ?? null;
        if (null !== $nearest && $nearest->share() > 1) {
            $stand = null === $nearest->joint ? ', and stands ' : ', and hold ';

            return new Answer($nearest->name().' can meet ', $workings->say->pressure($nearest->peak->kpa()), $stand.$workings->say->pressure($nearest->ratingKpa).'.', \sprintf('%s alone gives %s.', $worst->part->name, $workings->say->flow($worst->lpm)), 'line.highest');
        }
        $figure = LineFigures::flowId($worst->part);
        if ($worst->lpm <= 0.01) {
            return new Answer($worst->part->name.' gives ', 'nothing', '.', 'No water comes to it.', $figure);
        }
        $say = $workings->say;
        $solved = $line->alone($worst->part);
        $pump = rtrim(SceneDrawing::pumps($solved, $say), '.');
        $weak = $line->weakTogether();
        if ($worst->isEnough() && null !== $weak) {
            return new Answer(\sprintf('With those that run together %s gives ', $weak->part->name), $say->flow($weak->lpm), ', too little.', \sprintf('Alone it gives %s; %s are wanted.', $say->flow($line->alone($weak->part)->outlets[$weak->part->id]->lpm), $say->flow($weak->figures->leastLpm)), 'line.together');
        }
        $all = $line->all();
        $others = \count($all) < 2 ? '' : \sprintf('; with all others open %s', $say->flow($line->solve(new LineCase($all))->outlets[$worst->part->id]->lpm));

        return new Answer($worst->part->name.' gives ', $say->flow($worst->lpm), self::verdict($worst, $solved, $line), 'Alone: '.lcfirst($pump).$others.'.', $figure);
    }

    private static function verdict(SolvedOutlet $worst, SolvedLine $solved, LineWorkings $line): string
    {
        if ($worst->isEnough()) {
            return \count($line->all()) > 1 ? '; every outlet has enough alone.' : '.';
        }
        $taken = [];
        foreach (WaterPath::to($worst->part, $solved, $line->graph)->parts() as $part) {
            if ($part->kind->isInPath() && !$part->kind->isPoint() && !$part->kind->isPump()) {
                $taken[$part->name] = abs(($solved->line->nodesKpa[$part->port(PartPort::In)] ?? 0.0) - ($solved->line->nodesKpa[$part->port(PartPort::Out)] ?? 0.0));
            }
        }
        arsort($taken);
        $most = array_key_first($taken);

        return null === $most || $taken[$most] < self::TELLING_KPA ? ', too little.' : \sprintf(', too little. %s takes most.', $most);
    }
}
