<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/**
 * Pressures and flows of a network: at every node what comes goes, and along every link the head falls by what its flow takes.
 *
 * Newton's method on the whole network: each link is taken as straight at its present flow, the heads follow from the balance of the
 * nodes, and the flows from the heads. What lets nothing back takes, for a flow backward, a steep rise that stands for being shut. A
 * regulator is wide open, or holds its set pressure, or is shut, whichever agrees with the heads. Where nothing can flow the standing
 * pressures follow from what passes them on. Source: Todini and Pilati, the global gradient method (1988).
 */
final class LineCalculator
{
    /** Regulators change their state at most so often. */
    private const MOST_STATES = 30;
    /** What seeps through what is taken as shut. */
    private const NOTHING_LPM = 1e-7;

    public static function calculate(LineInput $line): Line
    {
        return self::solve(new LineNetwork($line), null)[0];
    }

    /**
     * @param LineSolution|null $start that of a network much like it, with the same links and outlets
     * @param bool $isAlike whether the same outlets are open in that as well, so that the same links can flow
     *
     * @return array{Line, LineSolution}
     */
    public static function solve(LineNetwork $network, ?LineSolution $start, bool $isAlike = false): array
    {
        $shape = $isAlike && null !== $start ? $start->shape : self::shape($network);
        $solution = LineIteration::solve($network, $shape, $start);
        $iterations = $solution->iterations;
        $next = self::regulated($network, $shape->states, $solution);
        for ($round = 1; $next !== $shape->states && $round < self::MOST_STATES; ++$round) {
            $shape = new LineShape($network, $shape->live, $next);
            $solution = LineIteration::solve($network, $shape, $solution);
            $iterations += $solution->iterations;
            $next = self::regulated($network, $next, $solution);
        }

        return [self::line($network, $solution, $next === $shape->states, $iterations), $solution];
    }

    /** To begin with, with every regulator open. */
    private static function shape(LineNetwork $network): LineShape
    {
        $live = $network->live();
        $states = [];
        foreach ($live as $number => $_) {
            if ($network->links[$number][0] instanceof RegulatorLink) {
                $states[$number] = RegulatorState::Open;
            }
        }

        return new LineShape($network, $live, $states);
    }

    /**
     * @param array<int, RegulatorState> $states
     *
     * @return array<int, RegulatorState> as the heads would have them
     */
    private static function regulated(LineNetwork $network, array $states, LineSolution $solution): array
    {
        $next = $states;
        foreach ($states as $number => $state) {
            [$link, $from, $to] = $network->links[$number];
            if (!$link instanceof RegulatorLink) {
                continue;
            }
            $set = $link->setKpa + $network->ground[$to];
            [$before, $behind, $lpm] = [$solution->heads[$from], $solution->heads[$to], $solution->flows[$number] ?? 0.0];
            $next[$number] = match ($state) {
                RegulatorState::Open => $behind > $set + 1e-6 ? ($before >= $set ? RegulatorState::Holding : RegulatorState::Shut) : $state,
                RegulatorState::Holding => match (true) {
                    $lpm < -1e-7 => RegulatorState::Shut,
                    $before - $link->loss(max(0.0, $lpm))[0] < $set - 1e-6 => RegulatorState::Open,
                    default => $state,
                },
                RegulatorState::Shut => $behind < $set - 1e-6 && $before > $behind + 1e-6 ? RegulatorState::Open : $state,
            };
        }

        return $next;
    }

    private static function line(LineNetwork $network, LineSolution $solution, bool $settled, int $iterations): Line
    {
        $heads = StandingHeads::complete($network, $solution);
        $nodes = [];
        foreach ($network->ids as $node => $id) {
            $nodes[$id] = null === $heads[$node] ? null : $heads[$node] - $network->ground[$node];
        }
        $links = [];
        foreach ($network->links as $number => [, , , $isForwardOnly, $id]) {
            $lpm = $solution->flows[$number] ?? 0.0;
            $links[$id] = abs($lpm) < self::NOTHING_LPM || ($isForwardOnly && $lpm < 0) ? 0.0 : $lpm;
        }
        $outlets = [];
        foreach ($network->outlets as $number => [$outlet, $node]) {
            $outlets[$outlet->id] = [
                'lpm' => max(0.0, $solution->outletFlows[$number] ?? 0.0),
                'kpa' => null === $heads[$node] ? null : $heads[$node] - $network->ground[$node],
            ];
        }

        return new Line($nodes, $links, $outlets, $settled && $solution->converged, $iterations);
    }
}
