<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Joint;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Joint\Adapter;
use YardCask\Core\Joint\ChainSearch;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnd;

/** Chains of adapters, against trying every one of them. */
final class ChainSearchTest extends TestCase
{
    private const ENDS = [
        'barb 13.8', 'barb 16.6', 'hose 12.5 braided', 'hose 15 soft', 'tube 12', 'push 12', 'thread 1/2 iso_228 male flat', 'thread 1/2 iso_228 female flat',
        'thread 3/4 iso_228 male flat', 'thread 3/4 iso_228 female flat', 'crimp 16', 'crimp_tube 16', 'own clip plug', 'own clip socket',
    ];

    public function testTheCheapestAndTheShortestAreThoseThatTryingAllFinds(): void
    {
        mt_srand(23);
        $joined = $apart = 0;
        for ($round = 0; $round < 120; ++$round) {
            $adapters = [];
            for ($number = 0; $number < 6; ++$number) {
                $adapters[] = new Adapter('a'.$number, self::end(), self::end(), mt_rand(0, 40) / 4);
            }
            $search = new ChainSearch($adapters);
            for ($pair = 0; $pair < 6; ++$pair) {
                [$a, $b] = [self::end(), self::end()];
                $all = self::every($a, $b, $adapters, 4);
                $cheapest = $search->cheapest($a, $b);
                $fewest = $search->fewest($a, $b);
                if ([] === $all) {
                    ++$apart;
                    self::assertNull($cheapest);
                    self::assertNull($fewest);
                    continue;
                }
                ++$joined;
                self::assertNotNull($cheapest);
                self::assertNotNull($fewest);
                self::assertEqualsWithDelta(min(array_column($all, 1)), $cheapest->price, 1e-9);
                $least = min(array_column($all, 0));
                self::assertCount($least, $fewest->links);
                $ofLeast = array_filter($all, static fn (array $one): bool => $least === $one[0]);
                self::assertEqualsWithDelta(min(array_column($ofLeast, 1)), $fewest->price, 1e-9);
                foreach ([$cheapest, $fewest] as $chain) {
                    self::assertTight($a, $b, $chain->links);
                    self::assertEqualsWithDelta(array_sum(array_map(static fn (array $link): float => $link[0]->price, $chain->links)), $chain->price, 1e-9);
                }
            }
        }
        self::assertGreaterThan(80, $joined);
        self::assertGreaterThan(150, $apart);
    }

    public function testWithoutPressureAHoseMayHangLooser(): void
    {
        $adapters = [new Adapter('tail', self::named('barb 12.5'), self::named('thread 1/2 iso_228 male flat'), 1.0)];
        [$hose, $port] = [self::named('hose 12.5 soft'), self::named('thread 1/2 iso_228 female flat')];
        self::assertNull((new ChainSearch($adapters))->cheapest($hose, $port));
        self::assertSame(['tail'], (new ChainSearch($adapters, false))->cheapest($hose, $port)?->ids());
    }

    public function testWhatNobodyHasMeasuredIsNotJoined(): void
    {
        $search = new ChainSearch([new Adapter('joiner', self::named('barb 13.8'), self::named('barb 13.8'), 1.0)]);
        self::assertNull($search->cheapest(self::named('an old hose'), self::named('hose 12.5 braided')));
        self::assertNull($search->fewest(self::named('hose 12.5 braided'), self::named('an old hose')));
        self::assertSame(['joiner'], $search->fewest(self::named('hose 12.5 braided'), self::named('hose 12.5 soft'))?->ids());
    }

    public function testAMetalThreadIsNotPutIntoAPlasticOne(): void
    {
        $metal = new Adapter('metal', self::named('barb 13.8'), self::named('thread 1/2 iso_228 male flat, metal'), 1.0);
        $plastic = new Adapter('plastic', self::named('barb 13.8'), self::named('thread 1/2 iso_228 male flat, plastic'), 9.0);
        $search = new ChainSearch([$metal, $plastic]);
        foreach (['plastic' => 'plastic', 'metal' => 'metal'] as $port => $adapter) {
            $chain = $search->cheapest(self::named('hose 12.5 braided'), self::named('thread 1/2 iso_228 female flat, '.$port));
            self::assertSame([$adapter], $chain?->ids());
        }
    }

    /** @param list<array{Adapter, bool}> $links */
    private static function assertTight(PortEnd $a, PortEnd $b, array $links): void
    {
        $at = $a;
        foreach ($links as [$adapter, $isTurned]) {
            [$in, $out] = $isTurned ? [$adapter->far, $adapter->near] : [$adapter->near, $adapter->far];
            self::assertTrue(self::isTight($at, $in));
            $at = $out;
        }
        self::assertTrue(self::isTight($at, $b));
    }

    /**
     * @param list<Adapter> $adapters
     *
     * @return list<array{int, float}> of each chain: how many adapters, and what they cost
     */
    private static function every(PortEnd $a, PortEnd $b, array $adapters, int $most): array
    {
        $all = [];
        foreach (0 === $most ? [] : $adapters as $adapter) {
            foreach ([[$adapter->near, $adapter->far], [$adapter->far, $adapter->near]] as [$in, $out]) {
                if (!self::isTight($a, $in)) {
                    continue;
                }
                if (self::isTight($out, $b)) {
                    $all[] = [1, $adapter->price];
                }
                foreach (self::every($out, $b, $adapters, $most - 1) as [$count, $price]) {
                    $all[] = [$count + 1, $price + $adapter->price];
                }
            }
        }

        return $all;
    }

    private static function isTight(PortEnd $a, PortEnd $b): bool
    {
        return JointCalculator::calculate(new JointInput($a->end ?? self::fail(), $b->end ?? self::fail()))->fit->isTight();
    }

    private static function end(): PortEnd
    {
        return self::named(self::ENDS[mt_rand(0, \count(self::ENDS) - 1)]);
    }

    private static function named(string $text): PortEnd
    {
        return PortEnd::read($text);
    }
}
