<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Catalogue;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\HeatSource;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PassFigures;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** The figures of each family of parts agree with one another, as far as a fitter would see that they do not. */
final class FamiliesTest extends TestCase
{
    /** A row of one make: the same but for its size. */
    private const ROW = '/^(.*\D)-(\d+)$/';

    public function testAPipeStandsLessTheWiderAndTheHotterItIs(): void
    {
        foreach (self::rows(SampleLines::stock()->pipes()) as $name => $row) {
            foreach ($row as $pipe) {
                $tube = $pipe->tube;
                self::assertLessThanOrEqual($tube->make->ratingKpa, $tube->hotKpa ?? $tube->make->ratingKpa, $pipe->id);
                self::assertLessThanOrEqual($tube->standsKpa(20), $tube->standsKpa($tube->make->ratingC), $pipe->id);
            }
            self::assertFalls(array_map(static fn (StockPipe $one): float => $one->tube->make->ratingKpa, $row), $name);
            self::assertRises(array_map(static fn (StockPipe $one): float => $one->tube->make->weightKg, $row), $name);
            self::assertRises(array_map(static fn (StockPipe $one): float => $one->tube->make->price, $row), $name);
        }
    }

    public function testWhatIsLargerWeighsAndCostsMoreAndTakesLess(): void
    {
        $rows = array_filter(self::rows(SampleLines::stock()->parts()), static fn (array $row): bool => $row[0]->figures instanceof PassFigures);
        self::assertGreaterThan(8, \count($rows));
        foreach ($rows as $name => $row) {
            self::assertRises(array_map(static fn (StockPart $one): float => $one->make->weightKg, $row), $name);
            self::assertRises(array_map(static fn (StockPart $one): float => $one->make->price, $row), $name);
            // At one flow: the loss grows with its square.
            $loss = static fn (StockPart $one): float => $one->figures instanceof PassFigures ? $one->figures->ratedKpa / $one->figures->ratedLpm ** 2 : 0.0;
            self::assertFalls(array_map($loss, $row), $name);
        }
    }

    public function testAPumpsCurveFallsAndItsAmpsMatchWhatItMoves(): void
    {
        $driven = 0;
        foreach (SampleLines::stock()->parts() as $part) {
            if (!$part->figures instanceof PumpFigures) {
                continue;
            }
            $pairs = $part->figures->pairs() ?? [];
            self::assertGreaterThan(1, \count($pairs), $part->id);
            self::assertFalls(array_column($pairs, 1), $part->id, 1e-9);
            if (null !== $part->figures->amps && null !== $part->figures->volts) {
                // In W: kPa · L/min ÷ 60. A small pump turns a twentieth to three fifths of its current into that.
                $moves = max(array_map(static fn (array $pair): float => $pair[0] * $pair[1] / 60, $pairs));
                $share = $moves / ($part->figures->amps * $part->figures->volts);
                self::assertGreaterThan(0.05, $share, $part->id);
                self::assertLessThan(0.6, $share, $part->id);
                ++$driven;
            }
        }
        self::assertGreaterThan(15, $driven);
    }

    public function testAVesselCostsAndWeighsMoreTheMoreItHolds(): void
    {
        foreach (['accumulator', 'expansion'] as $make) {
            $row = array_values(array_filter(
                SampleLines::stock()->parts(PartKind::Accumulator),
                static fn (StockPart $one): bool => str_starts_with($one->id, $make),
            ));
            usort($row, static fn (StockPart $a, StockPart $b): int => self::litres($a) <=> self::litres($b));
            self::assertGreaterThan(1, \count($row));
            self::assertRises(array_map(static fn (StockPart $one): float => $one->make->weightKg, $row), $make);
            self::assertRises(array_map(static fn (StockPart $one): float => $one->make->price, $row), $make);
        }
    }

    public function testAFilterLosesMoreWhenItIsWornAndAWideOneIsHeavy(): void
    {
        foreach (SampleLines::stock()->parts(PartKind::Filter) as $part) {
            self::assertInstanceOf(FilterFigures::class, $part->figures);
            self::assertGreaterThan($part->figures->ratedKpa, $part->figures->wornKpa, $part->id);
            if (str_contains($part->id, 'wide')) {
                self::assertGreaterThan(1.2, $part->make->weightKg, $part->id);
            }
        }
    }

    public function testAHeaterStandsItsOwnHeatAndWhatHeatsItGivesNoMore(): void
    {
        foreach (SampleLines::stock()->parts(PartKind::StorageHeater, PartKind::Exchanger) as $part) {
            $figures = $part->figures;
            self::assertInstanceOf(HeaterFigures::class, $figures);
            self::assertGreaterThanOrEqual($figures->hotC, $part->make->ratingC, $part->id);
            self::assertSame(PartKind::StorageHeater === $part->kind, $figures->litres > 0, $part->id);
            // A hook-up of 16 A, a battery’s cable, and engine coolant.
            self::assertLessThanOrEqual(HeatSource::Mains === $figures->source ? 3600.0 : 60000.0, $figures->watts, $part->id);
            self::assertLessThanOrEqual(HeatSource::Battery === $figures->source ? 400.0 : 60000.0, $figures->watts, $part->id);
            if (true === $figures->source?->isCoolant()) {
                self::assertSame(85.0, $figures->hotC, $part->id);
                self::assertNotNull($figures->doubleWall, $part->id);
            }
        }
    }

    public function testAMainsInletStandsMoreThanMainsBrings(): void
    {
        foreach (SampleLines::stock()->parts(PartKind::MainsInlet) as $part) {
            self::assertInstanceOf(InletFigures::class, $part->figures);
            self::assertGreaterThanOrEqual(1000.0, $part->make->ratingKpa, $part->id);
            self::assertGreaterThan($part->figures->mostKpa, $part->make->ratingKpa, $part->id);
        }
    }

    private static function litres(StockPart $part): float
    {
        return $part->figures instanceof VesselFigures ? $part->figures->volumeL : 0.0;
    }

    /**
     * @template T of StockPart|StockPipe
     *
     * @param list<T> $all
     *
     * @return array<string, non-empty-list<T>> by what they are called but for their size, the smallest first
     */
    private static function rows(array $all): array
    {
        $rows = [];
        foreach ($all as $one) {
            if (1 === preg_match(self::ROW, $one->id, $is)) {
                $rows[$is[1]][(int) $is[2]] = $one;
            }
        }
        $rows = array_filter($rows, static fn (array $row): bool => \count($row) > 1);

        return array_map(static function (array $row): array {
            ksort($row);

            return array_values($row);
        }, $rows);
    }

    /** @param list<float> $figures */
    private static function assertRises(array $figures, string $of): void
    {
        $sorted = $figures;
        sort($sorted);
        self::assertSame($sorted, $figures, $of.' grows with its size.');
        self::assertGreaterThan($figures[0], $figures[\count($figures) - 1], $of);
    }

    /** @param list<float> $figures */
    private static function assertFalls(array $figures, string $of, float $least = 0.0): void
    {
        for ($index = 1; $index < \count($figures); ++$index) {
            self::assertLessThanOrEqual($figures[$index - 1] - $least, $figures[$index], $of.' falls with its size.');
        }
    }
}
