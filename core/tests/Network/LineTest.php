<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Network;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;
use YardCask\Core\Network\Line;
use YardCask\Core\Network\LineCalculator;
use YardCask\Core\Network\LineChain;
use YardCask\Core\Network\LineInput;
use YardCask\Core\Network\LineNetwork;
use YardCask\Core\Network\LineOutlet;
use YardCask\Core\Network\RegulatorLink;

/** Lines by hand and at random. */
final class LineTest extends TestCase
{
    private const NETWORKS = 10000;

    /** At each node what comes goes; along each link the head falls by its loss; what is shut is pushed shut. */
    public function testTenThousandRandomLinesConvergeAndKeepMassAndEnergy(): void
    {
        for ($seed = 1; $seed <= self::NETWORKS; ++$seed) {
            $input = RandomLines::of($seed);
            $line = LineCalculator::calculate($input);
            if (!$line->converged) {
                self::fail("Seed $seed does not converge.");
            }
            $wrong = self::unbalanced($input, $line).self::unexplained($input, $line);
            if ('' !== $wrong) {
                self::fail("Seed $seed: $wrong");
            }
        }
        self::assertSame(self::NETWORKS + 1, $seed);
    }

    private static function unbalanced(LineInput $input, Line $line): string
    {
        $network = new LineNetwork($input);
        $comes = array_fill(0, \count($network->ids), 0.0);
        foreach ($network->links as [$link, $from, $to]) {
            $comes[$from] -= $line->linksLpm[$link->ends()->id];
            $comes[$to] += $line->linksLpm[$link->ends()->id];
        }
        foreach ($network->outlets as [$outlet, $node]) {
            $comes[$node] -= $line->outlets[$outlet->id]['lpm'];
        }
        foreach ($comes as $node => $lpm) {
            if (!isset($network->fixed[$node]) && abs($lpm) > 1e-5) {
                return "$lpm L/min vanish at {$network->ids[$node]}. ";
            }
        }

        return '';
    }

    private static function unexplained(LineInput $input, Line $line): string
    {
        $network = new LineNetwork($input);
        foreach ($network->links as [$link, $from, $to]) {
            [$before, $behind, $lpm] = [$line->nodesKpa[$link->ends()->from], $line->nodesKpa[$link->ends()->to], $line->linksLpm[$link->ends()->id]];
            if (null === $before || null === $behind || $link->isShut()) {
                continue;
            }
            $falls = $before + $network->ground[$from] - $behind - $network->ground[$to];
            $holds = $link instanceof RegulatorLink && abs($behind - $link->setKpa) < 1e-3 && $falls > -1e-3;
            if ((!$link->isForwardOnly() || $lpm > 1e-5) && !$holds) {
                $loss = $link->loss($lpm)[0];
                if (abs($loss - $falls) > 1e-3 * max(1.0, abs($falls))) {
                    return "{$link->ends()->id} takes $loss kPa and the head falls by $falls. ";
                }
            } elseif ($link->isForwardOnly() && $lpm <= 1e-5 && !$link instanceof RegulatorLink && $falls > $link->loss(0.0)[0] + 1e-2) {
                return "{$link->ends()->id} is pushed open by $falls kPa and lets nothing through. ";
            }
        }
        foreach ($input->outlets as $outlet) {
            $kpa = $line->outlets[$outlet->id]['kpa'];
            $lpm = null === $kpa || $kpa < 0 ? 0.0 : $outlet->open * $outlet->lpmAt100kpa * sqrt($kpa / 100);
            if (abs($lpm - $line->outlets[$outlet->id]['lpm']) > 1e-3 * max(1.0, $lpm)) {
                return "{$outlet->id} gives {$line->outlets[$outlet->id]['lpm']} L/min at $kpa kPa. ";
            }
        }

        return '';
    }

    public function testAStrongerPumpAndWiderPipesNeverGiveLess(): void
    {
        for ($seed = 1; $seed <= 400; ++$seed) {
            $given = static fn (float $bores, float $pump): float => array_sum(
                array_column(LineCalculator::calculate(RandomLines::of($seed, true, $bores, $pump))->outlets, 'lpm'),
            );
            $lpm = $given(1.0, 1.0);
            self::assertGreaterThanOrEqual($lpm - 1e-6, $given(1.2, 1.0), "Seed $seed");
            self::assertGreaterThanOrEqual($lpm - 1e-6, $given(1.0, 1.2), "Seed $seed");
        }
    }

    public function testInATreeAClosedOutletNeverTakesPressureFromAnother(): void
    {
        for ($seed = 1; $seed <= 400; ++$seed) {
            $input = RandomLines::of($seed, true);
            $open = LineCalculator::calculate($input);
            foreach ($input->outlets as $index => $closed) {
                $outlets = $input->outlets;
                $outlets[$index] = new LineOutlet($closed->id, $closed->node, $closed->lpmAt100kpa, 0.0);
                $shut = LineCalculator::calculate(new LineInput($input->waterC, $input->nodes, $input->sources, $input->links, $outlets));
                foreach ($open->outlets as $id => ['kpa' => $kpa]) {
                    self::assertGreaterThanOrEqual($kpa - 1e-6, $shut->outlets[$id]['kpa'], "Seed $seed");
                }
            }
        }
    }

    public function testFromItsNeighboursAnswerALineIsSolvedInFewerSteps(): void
    {
        $steps = [0, 0];
        for ($seed = 1; $seed <= 50; ++$seed) {
            $network = new LineNetwork(RandomLines::of($seed));
            [$first, $solution] = LineCalculator::solve($network, null);
            [$again] = LineCalculator::solve($network, $solution);
            self::assertEqualsWithDelta($first->linksLpm, $again->linksLpm, 1e-5, "Seed $seed");
            $steps = [$steps[0] + $first->iterations, $steps[1] + $again->iterations];
        }
        self::assertLessThan($steps[0] / 2, $steps[1]);
    }

    /** Where the same pipes can flow, what was made of one line serves another, whatever its pump and its regulator do by then. */
    public function testFromAnAlikeLineTheSameComesOutAsFromNothing(): void
    {
        $regulated = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            foreach ([0.6, 1.5] as $pump) {
                $other = new LineNetwork(RandomLines::of($seed, false, 1.0, $pump));
                $alone = LineCalculator::solve($other, null)[0];
                [$alike, $solution] = LineCalculator::solve($other, LineCalculator::solve(new LineNetwork(RandomLines::of($seed)), null)[1], true);
                self::assertTrue($alike->converged);
                $ways = (new LineNetwork(RandomLines::of($seed)))->ways;
                self::assertEquals($alone, LineCalculator::solve(new LineNetwork(RandomLines::of($seed, false, 1.0, $pump), $ways), null)[0], "Seed $seed");
                foreach ($alone->outlets as $id => ['lpm' => $lpm]) {
                    self::assertEqualsWithDelta($lpm, $alike->outlets[$id]['lpm'], 1e-5, "Seed $seed: $id");
                }
                $regulated += \count($solution->shape->states);
            }
        }
        self::assertGreaterThan(50, $regulated);
    }

    /**
     * @return iterable<string, array{string, list<list<string>>, int}> links between a tank, a tap at “b” and more; those of each chain, in their
     *                                                                  order; how many heads are to be found
     */
    public static function shapes(): iterable
    {
        $pipe = static fn (string $id, string $from, string $to, int $bore = 10): string => \sprintf(
            '{"id":"%s","kind":"pipe","from":"%s","to":"%s","length_m":1,"bore_mm":%d}',
            $id,
            $from,
            $to,
            $bore,
        );
        $check = '{"id":"c","kind":"check","from":"x","to":"y","rated_lpm":10,"rated_kpa":5}';
        yield 'all in series, one laid backwards' => [implode(',', [$pipe('p', 'tank', 'x'), $check, $pipe('q', 'b', 'y')]), [['p', 'c', 'q']], 1];
        yield 'drawn from its end on, along what lets nothing back' => [
            implode(',', [$pipe('q', 'b', 'y'), $check, $pipe('p', 'x', 'tank')]),
            [['p', 'c', 'q']],
            1,
        ];
        yield 'two ways from a tee to the tap' => [
            implode(',', [$pipe('p', 'tank', 'x'), $check, $pipe('q', 'y', 'b'), $pipe('r', 'x', 'z', 12), $pipe('s', 'z', 'b')]),
            [['p'], ['c', 'q'], ['r', 's']],
            2,
        ];
        yield 'a dead leg has no part in it' => [implode(',', [$pipe('p', 'tank', 'x'), $pipe('q', 'x', 'b'), $pipe('r', 'x', 'z')]), [['p', 'q']], 1];
        yield 'a ring that hangs on one tee comes back to it' => [
            implode(',', [$pipe('p', 'tank', 'x'), $pipe('q', 'x', 'b'), $pipe('r', 'x', 'z'), $pipe('s', 'z', 'x')]),
            [['p'], ['q'], ['r', 's']],
            2,
        ];
    }

    /** @param list<list<string>> $chains */
    #[DataProvider('shapes')]
    public function testWhatStandsInSeriesIsOneChain(string $links, array $chains, int $unknown): void
    {
        $nodes = implode(',', array_map(static fn (string $id): string => '{"id":"'.$id.'","z_m":0}', ['tank', 'b', 'x', 'y', 'z']));
        $input = LineInput::read(
            InputReader::of(
                Json::decode(
                    '{"nodes":['.$nodes.'],"sources":[{"node":"tank","level_m":2}],"links":['.$links.'],"outlets":[{"id":"o","node":"b","lpm_at_100kpa":6,"open":1}]}',
                ),
            ),
        );
        $network = new LineNetwork($input);
        [$line, $solution] = LineCalculator::solve($network, null);
        $ids = static fn (LineChain $chain): array => array_map(
            static fn (int $number): string => $network->links[$number][0]->ends()->id,
            array_keys($chain->links),
        );
        self::assertSame($chains, array_map($ids, $solution->shape->chains));
        self::assertCount($unknown, $solution->shape->unknown);
        self::assertTrue($line->converged);
        self::assertGreaterThan(0.5, $line->outlets['o']['lpm']);
        self::assertSame('', self::unbalanced($input, $line).self::unexplained($input, $line));
    }

    public function testARegulatorShutsWhereMoreThanItsSettingStandsBehindIt(): void
    {
        $line = self::line(
            '{"nodes":[{"id":"tank","z_m":0},{"id":"a","z_m":0},{"id":"b","z_m":0}],"sources":[{"node":"tank","pressure_kpa":150},{"node":"b","pressure_kpa":120}],"links":[{"id":"p","kind":"pipe","from":"tank","to":"a","length_m":1,"bore_mm":10},{"id":"r","kind":"regulator","from":"a","to":"b","set_kpa":100,"rated_lpm":15,"rated_kpa":40}],"outlets":[{"id":"o","node":"b","lpm_at_100kpa":6,"open":1}]}',
        );
        self::assertEqualsWithDelta(0.0, $line->links->r->flow_lpm, 1e-6);
        self::assertEqualsWithDelta(150.0, $line->nodes->a->pressure_kpa, 1e-3);
        self::assertEqualsWithDelta(6.0 * sqrt(1.2), $line->outlets->o->flow_lpm, 1e-6);
    }

    /**
     * @return iterable<string, array{string, array<string, float|null>}> what is joined to a tank whose surface stands 1 m up, and the pressures with
     *                                                                    nothing open, in kPa; 1 m of water at 15 °C is 9.798 kPa
     */
    public static function standing(): iterable
    {
        $m = 9.79839;
        $pump = '{"id":"p","kind":"pump","from":"tank","to":"a","curve":[[0,300],[10,0]]%s}';
        $check = '{"id":"c","kind":"check","from":"a","to":"b","rated_lpm":10,"rated_kpa":5}';
        yield 'a pump that is on adds its curve at nothing, and a valve passes it on' => [\sprintf($pump, '').','.$check, ['a' => 300 + $m, 'b' => 300 + $m]];
        yield 'a pump that is off and shut reaches nothing' => [\sprintf($pump, ',"on":false').','.$check, ['a' => null, 'b' => null]];
        yield 'a pump that is off and lets through' => [\sprintf($pump, ',"on":false,"off_rated_lpm":8,"off_rated_kpa":10').','.$check, ['a' => $m, 'b' => $m]];
        yield 'a regulator gives the lesser' => [
            \sprintf($pump, '').',{"id":"r","kind":"regulator","from":"a","to":"b","set_kpa":210,"rated_lpm":15,"rated_kpa":40}',
            ['a' => 300 + $m, 'b' => 210.0],
        ];
        yield 'a valve the wrong way round' => [
            \sprintf($pump, '').',{"id":"c","kind":"check","from":"b","to":"a","rated_lpm":10,"rated_kpa":5}',
            ['a' => 300 + $m, 'b' => null],
        ];
        yield 'a pipe both ways' => [
            '{"id":"x","kind":"pipe","from":"a","to":"tank","length_m":1,"bore_mm":10},{"id":"y","kind":"pipe","from":"a","to":"b","length_m":1,"bore_mm":10}',
            ['a' => $m, 'b' => $m],
        ];
    }

    /** @param array<string, float|null> $kpa */
    #[DataProvider('standing')]
    public function testWhereNothingFlowsThePressuresStand(string $links, array $kpa): void
    {
        $line = self::line(
            '{"nodes":[{"id":"tank","z_m":0},{"id":"a","z_m":0},{"id":"b","z_m":0}],"sources":[{"node":"tank","level_m":1}],"links":['.$links.'],"outlets":[{"id":"o","node":"b","lpm_at_100kpa":6,"open":0}]}',
        );
        foreach ($kpa as $node => $wanted) {
            null === $wanted
                ? self::assertSame('no_source', $line->nodes->{$node}->reason)
                : self::assertEqualsWithDelta($wanted, $line->nodes->{$node}->pressure_kpa, 0.01);
        }
        self::assertSame(0, $line->outlets->o->flow_lpm);
    }

    /** By hand: 12 mm of bore turned off, so a quadratic valve of 10 kPa at 5 L/min and a tap of 5 L/min at 100 kPa share 110 kPa. */
    public function testAValveAndATapShareThePressureByTheirSquares(): void
    {
        $line = self::line(
            '{"nodes":[{"id":"s","z_m":0},{"id":"t","z_m":0}],"sources":[{"node":"s","pressure_kpa":110}],"links":[{"id":"v","kind":"loss","from":"s","to":"t","rated_lpm":5,"rated_kpa":10}],"outlets":[{"id":"o","node":"t","lpm_at_100kpa":5}]}',
        );
        self::assertEqualsWithDelta([5.0, 100.0], [$line->outlets->o->flow_lpm, $line->nodes->t->pressure_kpa], 1e-6);
    }

    private static function line(string $json): mixed
    {
        return Json::decode(Json::encode(CalculatorName::Line->calculate(Json::decode($json))));
    }
}
