<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\OpenWays;
use YardCask\Core\Stage\Line\Mode\Position;

/** How far water comes with the valves turned one way or another. */
final class OpenWaysTest extends TestCase
{
    private const TURNED_AT_RANDOM = 40;

    /** @return iterable<string, array{LineGraph}> */
    public static function lines(): iterable
    {
        foreach (SystemType::cases() as $system) {
            yield $system->value => [LineGraph::of(SampleLines::of($system)->plan)];
        }
    }

    #[DataProvider('lines')]
    public function testNoPositionOfTheValvesLetsWaterFurtherThanWithAllOfThemOpen(LineGraph $graph): void
    {
        $ways = OpenWays::of($graph);
        $from = self::draws($graph);
        $reachable = $ways->reachable($from);
        self::assertSame([], array_diff($from, array_keys($reachable)), 'Where it is let in it is.');
        foreach (self::turned($ways) as $positions) {
            [$running] = $ways->reached($from, $positions, static fn (): bool => true);
            [$resting] = $ways->reached($from, $positions, static fn (): bool => false);
            self::assertSame([], array_diff_key($running, $reachable));
            self::assertSame([], array_diff_key($resting, $running), 'A pump at rest lets no more through than one that runs.');
        }
    }

    #[DataProvider('lines')]
    public function testThePipesOnTheWayAreThoseWhoseEndsAreReached(LineGraph $graph): void
    {
        $ways = OpenWays::of($graph);
        foreach (self::turned($ways) as $positions) {
            [$nodes, $pipes] = $ways->reached(self::draws($graph), $positions, static fn (): bool => true);
            foreach ($graph->pipes as $index => $pipe) {
                $isReached = isset($nodes[$pipe->from->node]) || isset($nodes[$pipe->to->node]);
                self::assertSame($isReached, isset($pipes[$index]), $pipe->pipe->name);
            }
        }
    }

    #[DataProvider('lines')]
    public function testWithEveryDrainShutNothingRunsOut(LineGraph $graph): void
    {
        $ways = OpenWays::of($graph);
        $drains = array_column($graph->parts(PartKind::DrainValve), 'id');
        foreach (self::turned($ways) as $positions) {
            $shut = array_fill_keys($drains, Position::Shut) + $positions;
            self::assertSame([], $ways->drained($shut));
            $open = array_fill_keys($drains, Position::Open) + $positions;
            self::assertSame([] === $drains, [] === $ways->drained($open));
        }
    }

    /** @return list<string> the nodes at which tanks let water into the line */
    private static function draws(LineGraph $graph): array
    {
        return array_map(static fn (LineEnd $end): string => $end->node, $graph->draws());
    }

    /** @return iterable<array<string, Position>> */
    private static function turned(OpenWays $ways): iterable
    {
        mt_srand(9);
        for ($number = 0; $number < self::TURNED_AT_RANDOM; ++$number) {
            yield array_map(static fn (array $all): Position => $all[mt_rand(0, \count($all) - 1)], $ways->turning);
        }
    }
}
