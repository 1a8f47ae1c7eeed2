<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\Fitting\AdapterFigures;
use YardCask\Core\Catalogue\Fitting\FittingFigures;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Catalogue\Fitting\FittingStock;
use YardCask\Core\Catalogue\Fitting\HoseFigures;
use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Joint\Adapter;
use YardCask\Core\Joint\ChainSearch;
use YardCask\Core\Joint\End;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What can be bought beside parts and pipes: every end of the catalogue joins every other, but for those that have a reason not to. */
final class FittingStockTest extends TestCase
{
    /** Couplings of which only one side is sold apart from the part that has the other. */
    private const ONE_SIDED = ['can neck 61', 'pump clip'];
    /** Pipes of that size carry waste, and are joined by their own fittings. */
    private const WASTE_MM = 26.0;
    /** Between ends of which one is so many times as wide nobody sells a reducer. */
    private const FAR_APART = 1.6;
    /** The smallest thread, which is there for gauges and bleed screws. */
    private const GAUGE_THREAD = '1/4';

    public function testEveryEndJoinsEveryOtherWithinFourAdapters(): void
    {
        $ends = self::ends();
        self::assertGreaterThan(70, \count($ends));
        $search = new ChainSearch(self::adapters());
        $left = [];
        $checked = 0;
        foreach (array_keys($ends) as $index => $a) {
            foreach (\array_slice(array_keys($ends), $index) as $b) {
                if (null !== self::reasonAgainst($ends[$a], $ends[$b])) {
                    continue;
                }
                ++$checked;
                $isTight = JointCalculator::calculate(new JointInput($ends[$a], $ends[$b]))->fit->isTight();
                if (!$isTight && null === $search->fewest(PortEnd::of($ends[$a]), PortEnd::of($ends[$b]))) {
                    $left[] = "$a – $b";
                }
            }
        }
        self::assertSame([], $left);
        self::assertGreaterThan(1200, $checked);
    }

    public function testNoReasonIsWithoutAPairThatNeedsIt(): void
    {
        $ends = self::ends();
        $search = new ChainSearch(self::adapters());
        $needed = [];
        foreach ($ends as $a) {
            foreach ($ends as $b) {
                $reason = self::reasonAgainst($a, $b);
                $isTight = JointCalculator::calculate(new JointInput($a, $b))->fit->isTight();
                if (null !== $reason && !isset($needed[$reason]) && !$isTight && null === $search->fewest(PortEnd::of($a), PortEnd::of($b))) {
                    $needed[$reason] = true;
                }
            }
        }
        ksort($needed);
        self::assertSame(['a gauge thread', 'a waste pipe', 'an own coupling', 'far apart in size'], array_keys($needed));
    }

    public function testTheCatalogueIsLargeAndEveryEndInItIsMeasured(): void
    {
        $fittings = SampleLines::stock()->fittings();
        self::assertGreaterThan(300, \count($fittings));
        self::assertEqualsCanonicalizing(FittingKind::cases(), array_values(array_unique(array_map(static fn ($one): FittingKind => $one->kind, $fittings), \SORT_REGULAR)));
        foreach ($fittings as $fitting) {
            foreach (PortEnds::read(self::text($fitting->figures)) as $end) {
                self::assertNotNull($end->end, $fitting->id.': '.$end);
            }
            self::assertGreaterThan(0.0, $fitting->price, $fitting->id);
            self::assertGreaterThan(0.0, $fitting->weightKg, $fitting->id);
        }
        foreach (SampleLines::stock()->parts() as $part) {
            foreach (PortEnds::read($part->ends) as $port => $end) {
                self::assertNotNull($end->end, $part->id.'.'.$port);
                self::assertContains($port, array_column($part->kind->ports(), 'value'), $part->id);
            }
        }
    }

    public function testAnAdapterIsNoWiderInsideThanItsEndsAndAReducerCostsMoreThanAStraightOne(): void
    {
        foreach (SampleLines::stock()->fittings() as $fitting) {
            if ($fitting->figures instanceof AdapterFigures) {
                $bores = array_filter(array_map(static fn ($end): ?float => $end->boreMm, PortEnds::read($fitting->figures->ends)));
                self::assertLessThanOrEqual(min([\INF, ...$bores]), $fitting->figures->boreMm, $fitting->id);
                self::assertGreaterThan(0.0, $fitting->figures->lossK, $fitting->id);
            }
        }
    }

    /** @return iterable<string, array{string, string}> the file, and where it is wrong */
    public static function mistakes(): iterable
    {
        $one = '{"id":"a","name":"A","kind":"clamp","sold":"piece","weight_kg":0.1,"price":1,"figures":{"family":"band","from_mm":8,"to_mm":16}}';
        yield 'figures of another kind' => [str_replace('"clamp"', '"fuse"', $one), '/fittings/0/figures/family'];
        yield 'sold otherwise' => [str_replace('"piece"', '"dozen"', $one), '/fittings/0/sold'];
        yield 'a figure that is missing' => [str_replace(',"to_mm":16', '', $one), '/fittings/0/figures/to_mm'];
        yield 'an id twice' => [$one.','.str_replace('"A"', '"B"', $one), '/fittings/1/id'];
    }

    #[DataProvider('mistakes')]
    public function testWhatIsWrongIsSaidWhereItIs(string $fittings, string $pointer): void
    {
        try {
            FittingStock::fromJson('{"fittings":['.$fittings.']}');
        } catch (InvalidInput $e) {
            self::assertContains($pointer, array_column($e->errors, 'pointer'));

            return;
        }
        self::fail('It was read.');
    }

    /** Why two ends need not be joined: they are of classes between which nobody sells adapters; null where they must be. */
    private static function reasonAgainst(End $a, End $b): ?string
    {
        foreach ([$a, $b] as $end) {
            if (EndSystem::Own === $end->system && \in_array($end->family, self::ONE_SIDED, true)) {
                return 'an own coupling';
            }
            if (self::GAUGE_THREAD === $end->size) {
                return 'a gauge thread';
            }
        }

        $isWaste = static fn (End $end): bool => \in_array($end->system, [EndSystem::Tube, EndSystem::Push], true) && $end->outerMm >= self::WASTE_MM;
        $across = [self::acrossMm($a), self::acrossMm($b)];

        return match (true) {
            $isWaste($a) || $isWaste($b) => 'a waste pipe',
            max($across) > self::FAR_APART * min($across) => 'far apart in size',
            default => null,
        };
    }

    /** About how wide an end is, in mm. */
    private static function acrossMm(End $end): float
    {
        $crestMm = null === $end->standard || null === $end->size || null === $end->sex ? null : $end->standard->crestMm($end->size, $end->sex);

        return $end->outerMm ?? $end->innerMm ?? (null === $crestMm ? (float) ($end->nominal ?? 0) : 0.7 * $crestMm);
    }

    /** @return array<string, End> every end in the catalogue, by its text */
    private static function ends(): array
    {
        $texts = array_map(static fn (StockPart $one): ?string => $one->ends, SampleLines::stock()->parts());
        array_push($texts, ...array_map(static fn (StockPipe $one): ?string => $one->tube->end, SampleLines::stock()->pipes()));
        foreach (SampleLines::stock()->fittings() as $fitting) {
            $texts[] = self::text($fitting->figures);
        }
        $ends = [];
        foreach ($texts as $text) {
            foreach (PortEnds::read($text) as $end) {
                if (null !== $end->end) {
                    $ends[strtok((string) $end, ',')] = $end->end;
                }
            }
        }

        return $ends;
    }

    private static function text(FittingFigures $figures): ?string
    {
        return match (true) {
            $figures instanceof AdapterFigures => $figures->ends,
            $figures instanceof TankFittingFigures, $figures instanceof HoseFigures => $figures->end,
            default => null,
        };
    }

    /** @return list<Adapter> */
    private static function adapters(): array
    {
        $adapters = [];
        foreach (SampleLines::stock()->fittings() as $fitting) {
            if ($fitting->figures instanceof AdapterFigures) {
                $ends = PortEnds::read($fitting->figures->ends);
                $adapters[] = new Adapter($fitting->id, $ends['near'], $ends['far'], $fitting->price);
            }
        }

        return $adapters;
    }
}
