<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Words;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Wording;

/** Rounding never makes two figures of a sentence say the opposite of what was found. */
final class ComparedAmountsTest extends TestCase
{
    /** @return iterable<string, array{UnitPreferences}> */
    public static function units(): iterable
    {
        yield 'litres, kilograms, kilopascals' => [new UnitPreferences()];
        yield 'US gallons, pounds, psi' => [new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit)];
        yield 'imperial gallons, bar' => [new UnitPreferences(Unit::ImperialGallon, Unit::Millimetre, Unit::Kilogram, Unit::Bar, Unit::Celsius)];
    }

    #[DataProvider('units')]
    public function testAmountsThatDifferReadDifferently(UnitPreferences $units): void
    {
        $wording = new Wording($units);
        $random = new Randomizer(new Mt19937(17));
        for ($try = 0; $try < 3000; ++$try) {
            $value = 10 ** ($random->getInt(0, 3500) / 1000);
            $other = $value * (1 + 10 ** ($random->getInt(-2700, -300) / 1000));
            foreach ([Amount::litres(...), Amount::little(...), Amount::kg(...), Amount::flow(...), Amount::pressure(...), Amount::distance(...)] as $amount) {
                $pair = [$amount($value), $amount($other)];
                $digits = $wording->digitsThatTellApart($pair);
                self::assertNotSame($wording->amount($pair[0], $digits), $wording->amount($pair[1], $digits), $value.' and '.$other);
            }
        }
    }

    #[DataProvider('units')]
    public function testNothingReadsAsZeroThatIsNotAndZeroHasNoSign(UnitPreferences $units): void
    {
        foreach (range(1, 40) as $seed) {
            $plan = PartFields::changed(SamplePlans::varied($seed), ['units' => $units]);
            $said = str_replace("\u{00A0}", ' ', Json::encode(Assessor::assess($plan, 'line')));
            $nothings = [];
            preg_match_all('/"[^"]*(?<![\d.])(?:−0(?![.\d])|[−]?0\.0+(?![\d]))[^"]*"/u', $said, $nothings);
            self::assertSame([], $nothings[0], 'Plan '.$seed);
        }
    }
}
