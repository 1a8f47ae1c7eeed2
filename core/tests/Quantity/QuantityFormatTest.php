<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Quantity;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;

final class QuantityFormatTest extends TestCase
{
    use TestTrait;

    /** @return list<array{float, Unit, Kind, string, string}> value, reading in SI units, what an input shows */
    public static function readings(): array
    {
        return [
            [118.4, Unit::Litre, Kind::Volume, '118 L', '118.4'],
            [4.55, Unit::Litre, Kind::Volume, '4.6 L', '4.55'],
            [0.05, Unit::Litre, Kind::Volume, '0.1 L', '0.05'],
            [0.0029, Unit::Litre, Kind::Volume, 'less than 0.1 L', '0.0029'],
            [-0.00003, Unit::Litre, Kind::Volume, '0 L', '-0.00003'],
            [0.012345, Unit::Litre, Kind::Volume, 'less than 0.1 L', '0.0123'],
            [0.00996, Unit::Litre, Kind::Volume, 'less than 0.1 L', '0.00996'],
            [1e-12, Unit::Litre, Kind::Volume, '0 L', '0'],
            [0.94, Unit::Metre, Kind::Length, '940 mm', '940'],
            [2855.0, Unit::Kilogram, Kind::Mass, '2 855 kg', '2855'],
            [-46.2, Unit::Kilogram, Kind::Mass, '−46 kg', '-46.2'],
            [-0.62, Unit::Metre, Kind::Sideways, '620 mm left', '620 left'],
            [0.0, Unit::Metre, Kind::Sideways, 'on the centreline', '0'],
            [0.1, Unit::Fraction, Kind::Share, '10 %', '10'],
            [3.0, Unit::Day, Kind::Days, '3.0 days', '3'],
            [2.0, Unit::One, Kind::Count, '2', '2'],
            [-1.677, Unit::Degree, Kind::Angle, '−1.7 °', '-1.68'],
        ];
    }

    #[DataProvider('readings')]
    public function testWritesReadingsAndInputs(float $value, Unit $unit, Kind $kind, string $reading, string $exact): void
    {
        $format = new QuantityFormat(new UnitPreferences());
        self::assertSame($reading, str_replace("\u{00A0}", ' ', $format->reading($value, $unit, $kind)));
        self::assertSame($exact, $format->exact($value, $unit, $kind));
    }

    public function testWhatIsOnTheTapeOnceItsDecimalsAreRoundedIsShownAsOnTheTape(): void
    {
        $format = new QuantityFormat(new UnitPreferences(length: Unit::Inch));
        self::assertSame('5 ft 3 13/16', $format->exact(63.81645, Unit::Inch, Kind::Length));
        self::assertSame('63.817', $format->exact(63.8166, Unit::Inch, Kind::Length));
    }

    public function testWhatAnInputShowsIsReadBackAsTheSameReading(): void
    {
        $this->forAll(
            Generators::choose(-4_000_000, 4_000_000),
            Generators::elements(Unit::Millimetre, Unit::Inch),
            Generators::elements(Kind::Length, Kind::Sideways),
        )
            ->then(static function (int $micrometres, Unit $unit, Kind $kind): void {
                $units = new UnitPreferences(length: $unit);
                $format = new QuantityFormat($units);
                $shown = $format->exact($micrometres / 1e6, Unit::Metre, $kind);
                $read = (new QuantityParser($units))->parse($shown, $kind)->in(Unit::Metre);
                self::assertSame($shown, $format->exact($read, Unit::Metre, $kind));
            });
    }

    /** @return list<array{float, Unit, string}> litres, the plan's unit, and what may be said of them where more is not allowed */
    public static function bounds(): array
    {
        return [
            [96.0, Unit::Litre, '96 L'],
            [96.99, Unit::Litre, '96 L'],
            [9.99, Unit::Litre, '9.9 L'],
            [0.0, Unit::Litre, '0 L'],
            [95.2, Unit::ImperialGallon, '20 imp gal'],
            [95.46789, Unit::ImperialGallon, '21 imp gal'],
            [37.8, Unit::UsGallon, '9.9 US gal'],
        ];
    }

    #[DataProvider('bounds')]
    public function testWhatMustNotBeExceededIsRoundedDown(float $litres, Unit $unit, string $reading): void
    {
        self::assertSame(
            $reading,
            str_replace("\u{00A0}", ' ', (new QuantityFormat(new UnitPreferences($unit)))->readingAtMost($litres, Unit::Litre, Kind::Volume)),
        );
    }

    public function testWhatMustNotBeExceededIsNeverMoreThanItIs(): void
    {
        $this->forAll(Generators::choose(0, 9_000_000), Generators::elements(Unit::Litre, Unit::UsGallon, Unit::ImperialGallon))
            ->then(static function (int $millilitres, Unit $unit): void {
                $units = new UnitPreferences($unit);
                $said = (new QuantityFormat($units))->readingAtMost($millilitres / 1000, Unit::Litre, Kind::Volume);
                $litres = (new QuantityParser($units))->parse($said, Kind::Volume)->in(Unit::Litre);
                self::assertLessThanOrEqual($millilitres / 1000 + 1e-6, $litres, $said);
                self::assertGreaterThan($millilitres / 1000 - 1.01 * Quantity::of(1.0, $unit)->in(Unit::Litre), $litres, $said);
            });
    }

    public function testAQuantityComesBackUnchangedThroughAnyUnitOfItsKind(): void
    {
        foreach (Unit::cases() as $there) {
            foreach (Unit::cases() as $back) {
                if ($there->kind() === $back->kind()) {
                    self::assertEqualsWithDelta(7.25, Quantity::of(7.25, $there)->to($back)->in($there), 1e-9, $there->value.' by way of '.$back->value);
                }
            }
        }
    }

    public function testUnitsOfDifferentKindsAreNotConverted(): void
    {
        $this->expectException(\LogicException::class);
        Quantity::of(1.0, Unit::Litre)->in(Unit::Kilogram);
    }
}
