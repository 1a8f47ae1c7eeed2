<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Graph\LineWalk;
use YardCask\Core\Stage\Line\Graph\Reach;

/** Following the pipes of a line, in every system. */
final class LineWalkTest extends TestCase
{
    /** @return iterable<string, array{LineGraph}> */
    public static function lines(): iterable
    {
        foreach (SystemType::cases() as $system) {
            yield $system->value => [LineGraph::of(SampleLines::of($system)->plan)];
        }
    }

    #[DataProvider('lines')]
    public function testThePipesThatAreFollowedHangTogetherTheNearestFirst(LineGraph $graph): void
    {
        foreach ($graph->plan->line->parts as $part) {
            $depths = [];
            LineWalk::from(
                LineWalk::at($part, $part->kind->ports(), 1),
                $graph,
                static function (LineEnd $end, LinePipe $pipe, int $depth) use (&$depths, $graph, $part): ?array {
                    self::assertContains($end, [$pipe->from, $pipe->to]);
                    self::assertSame($pipe, $graph->pipes[$pipe->index]);
                    if (isset($depths[$pipe->index])) {
                        return null;
                    }
                    $depths[$pipe->index] = $depth;
                    $next = $end->owner;

                    return $next instanceof PlannedPart && $next !== $part ? [$next->kind->portsBut($end->port), $depth + 1] : null;
                },
            );
            $sorted = $depths;
            asort($sorted);
            self::assertSame(array_values($sorted), array_values($depths), $part->name.': what is further away came first.');
        }
    }

    #[DataProvider('lines')]
    public function testNobodyGoesOnWhereTheWalkIsSaidToEnd(LineGraph $graph): void
    {
        foreach ($graph->plan->line->parts as $part) {
            $ends = [];
            LineWalk::from(LineWalk::at($part, $part->kind->ports()), $graph, static function (LineEnd $end) use (&$ends): ?array {
                $ends[] = $end->key;

                return null;
            });
            $neighbours = array_filter(array_map(static fn (PartPort $port): ?LineEnd => $graph->beyond($part, $port), $part->kind->ports()));
            self::assertSame(array_values(array_map(static fn (LineEnd $end): string => $end->key, $neighbours)), $ends, $part->name);
        }
    }

    /** What reaches a part is reached from it; only a mixer, which lets nothing from its cold side to its hot, can stand between. */
    #[DataProvider('lines')]
    public function testReachIsTheSameFromBothEnds(LineGraph $graph): void
    {
        if ([] !== $graph->parts(PartKind::MixingValve, PartKind::MixerTap)) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $reached = [];
        foreach ($graph->plan->line->parts as $part) {
            foreach (Reach::from($part, $part->kind->ports(), $graph) as $end) {
                if ($end->owner instanceof PlannedPart) {
                    $reached[$part->id][$end->owner->id] = true;
                }
            }
        }
        foreach ($reached as $from => $all) {
            self::assertArrayNotHasKey($from, $all, 'A part does not reach itself.');
            foreach (array_keys($all) as $to) {
                self::assertArrayHasKey($from, $reached[$to] ?? [], "$to is reached from $from and does not reach it.");
            }
        }
    }

    public function testAReachStopsBeyondWhatStopsIt(): void
    {
        $sample = SampleLines::of(SystemType::PressureAccumulator);
        $graph = LineGraph::of($sample->plan);
        $pump = $sample->part('Pressure pump');
        $names = static fn (?\Closure $stops): array => array_map(
            static fn (LineEnd $end): string => $end->owner->name,
            Reach::from($pump, [PartPort::Out], $graph, $stops),
        );
        $first = $names(static fn (): bool => true);
        self::assertCount(1, $first, 'The first part stops it and is named.');
        self::assertSame($first[0], $names(null)[0]);
        self::assertGreaterThan(4, \count($names(null)));
    }
}
