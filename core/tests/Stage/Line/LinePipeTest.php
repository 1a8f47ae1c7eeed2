<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;

/** How long a pipe is taken to be, and what follows from that. */
final class LinePipeTest extends TestCase
{
    /**
     * @return iterable<string, array{array{?float, ?float, float}, array{?float, ?float, float}, list<array{float, float, float}>, float|null, float,
     * bool}> where both its ends lie, what it passes, its length as measured; how long it is taken, and whether that is a guess
     */
    public static function ways(): iterable
    {
        yield 'as it was measured, wherever its ends lie' => [[0.0, 0.0, 0.0], [5.0, 0.0, 0.0], [[9.0, 0.0, 0.0]], 1.4, 1.4, false];
        yield 'along the sides of the rig, with a tenth more' => [[1.0, 0.5, 0.4], [3.0, -0.5, 0.9], [], null, 1.1 * (2.0 + 1.0 + 0.5), false];
        yield 'there and back by what it passes' => [[1.0, 0.0, 0.4], [1.0, 0.0, 0.4], [[2.0, 0.3, 0.4]], null, 1.1 * 2 * (1.0 + 0.3), false];
        yield 'up over a door and down again' => [[1.0, 0.0, 0.2], [2.0, 0.0, 0.2], [[1.0, 0.0, 1.9], [2.0, 0.0, 1.9]], null, 1.1 * (1.0 + 2 * 1.7), false];
        yield 'from a port to the one beside it' => [[1.0, 0.0, 0.4], [1.0, 0.0, 0.4], [], null, 0.1, false];
        yield 'guessed where nobody has said where an end lies' => [[1.0, 0.0, 0.4], [null, null, 0.4], [], null, 0.3, true];
        yield 'half said is not said' => [[1.0, 0.0, 0.4], [2.0, null, 0.4], [], null, 0.3, true];
        yield 'a guess is never shorter than it rises, by what it passes' => [[1.0, 0.0, 0.2], [null, null, 0.2], [[1.0, 0.0, 1.9]], null, 3.4, true];
        yield 'though nobody knows its ends it was measured' => [[null, null, 0.2], [null, null, 0.2], [], 2.2, 2.2, false];
    }

    /**
     * @param array{?float, ?float, float} $from
     * @param array{?float, ?float, float} $to
     * @param list<array{float, float, float}> $points
     */
    #[DataProvider('ways')]
    public function testItIsAsLongAsItsWay(array $from, array $to, array $points, ?float $measuredM, float $lengthM, bool $guessed): void
    {
        $pipe = self::pipe($from, $to, $points, $measuredM);
        self::assertEqualsWithDelta($lengthM, $pipe->lengthM, 1e-9);
        self::assertSame($guessed, $pipe->isGuessed());
        self::assertEqualsWithDelta(\M_PI / 4 * ($pipe->pipe->tube->boreMm / 100) ** 2 * 10 * $lengthM, $pipe->litres(), 1e-9);
        self::assertSame(max($from[2], $to[2], ...array_column($points, 2)), $pipe->highestM());
    }

    public function testAPipeThatEndsWhereItBeginsIsNotPartOfTheLine(): void
    {
        $sample = SampleLines::of(SystemType::Pressure);
        $begins = $sample->pipe('Basin tap', 'in')->from;
        $graph = LineGraph::of($sample->piped('Basin tap', 'in', ['to' => $begins])->plan);
        self::assertSame([$begins], array_values($graph->twice));
        self::assertArrayNotHasKey($begins, $graph->atPort);
    }

    public function testWaterIsTheQuickerTheNarrowerThePipe(): void
    {
        $pipe = self::pipe([0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [], 1.0);
        $narrow = new LinePipe(
            PartFields::changed($pipe->pipe, ['tube' => PartFields::changed($pipe->pipe->tube, ['boreMm' => $pipe->pipe->tube->boreMm / 2])]),
            0,
            $pipe->from,
            $pipe->to,
        );
        self::assertEqualsWithDelta(4 * $pipe->velocityMps(6.0), $narrow->velocityMps(-6.0), 1e-9);
        self::assertSame(0.0, $pipe->velocityMps(0.0));
        self::assertEqualsWithDelta($pipe->litres() / 4, $narrow->litres(), 1e-9);
    }

    /**
     * From the pump of a line to what stands behind it.
     *
     * @param array{?float, ?float, float} $from
     * @param array{?float, ?float, float} $to
     * @param list<array{float, float, float}> $points
     */
    private static function pipe(array $from, array $to, array $points, ?float $measuredM): LinePipe
    {
        $plan = SampleLines::of(SystemType::PressureAccumulator)->plan;
        $graph = LineGraph::of($plan);
        $pump = $graph->pumps[0];
        foreach ($graph->pipes as $pipe) {
            $other = $pipe->to->owner;
            if ($pump->id === $pipe->from->owner->id) {
                $ends = [$pump->id => $from, $other->id => $to];
                $parts = array_map(
                    static fn ($part) => isset($ends[$part->id])
                        ? PartFields::changed($part, ['xM' => $ends[$part->id][0], 'yM' => $ends[$part->id][1], 'zM' => $ends[$part->id][2]])
                        : $part,
                    $plan->line->parts,
                );
                $pipes = $plan->line->pipes;
                $pipes[$pipe->index] = PartFields::changed(
                    $pipe->pipe,
                    [
                        'lengthM' => $measuredM,
                        'points' => array_map(static fn (array $at): PlannedRunPoint => new PlannedRunPoint('point', 'Point', ...$at), $points),
                    ],
                );

                return LineGraph::of(
                    PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => $parts, 'pipes' => $pipes])]),
                )->pipes[$pipe->index];
            }
        }
        throw new \LogicException('No pipe leaves the pump.');
    }
}
