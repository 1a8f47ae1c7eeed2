<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\LevelsText;
use YardCask\Core\Plan\Tanks\PlannedLevel;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Tests\SamplePlans;

/** Tables of a tank as they are pasted, and as they are given out. */
final class LevelsTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{float, float}>}> */
    public static function tables(): iterable
    {
        $wanted = [[100.0, 12.5], [200.0, 30.0]];
        yield 'semicolons' => ["100;12.5\n200;30", $wanted];
        yield 'a heading, and lines that end as on other systems' => ["height mm;volume L\r\n100;12.5\r\n\r\n200;30\r\n", $wanted];
        yield 'tabs from a sheet, decimals with a comma' => ["100\t12,5\n200\t30", $wanted];
        yield 'commas' => ["100,12.5\n200, 30", $wanted];
        yield 'spaces' => ["100 12.5\n200  30", $wanted];
        yield 'units of their own' => ["10 cm; 12.5 L\n200 mm; 30 l", $wanted];
        yield 'from the top down, with an empty floor' => ["200;30\n100;12.5\n0;0", $wanted];
    }

    /** @param list<array{float, float}> $wanted */
    #[DataProvider('tables')]
    public function testIsReadAsPeopleWriteIt(string $text, array $wanted): void
    {
        $levels = LevelsText::read($text, SamplePlans::fellside());
        self::assertSame($wanted, array_map(static fn (PlannedLevel $level): array => [$level->heightMm, $level->litres], $levels));
        self::assertCount(2, array_unique(array_column($levels, 'id')));
    }

    public function testWhatIsGivenOutIsReadBackInTheUnitsOfThePlan(): void
    {
        $plan = SamplePlans::fellside();
        foreach ([$plan->units, PartFields::changed($plan, ['units' => new ($plan->units::class)(Unit::UsGallon, Unit::Inch, Unit::Pound, $plan->units->pressure, $plan->units->temperature)])->units] as $units) {
            $levels = LevelsText::read("4;2\n8;5\n12;9", PartFields::changed($plan, ['units' => $units]));
            $tank = PartFields::changed($plan->tanks[0], ['levels' => $levels]);
            $again = LevelsText::read(LevelsText::write($tank, $units), PartFields::changed($plan, ['units' => $units]));
            self::assertEqualsWithDelta(array_column($levels, 'litres'), array_column($again, 'litres'), 1e-3);
            self::assertEqualsWithDelta(array_column($levels, 'heightMm'), array_column($again, 'heightMm'), 1e-2);
        }
    }

    public function testEveryLineThatIsWrongIsNamed(): void
    {
        try {
            LevelsText::read("height;litres\n100;12\n\nwide\n200;many\n9000;3", SamplePlans::fellside());
            self::fail('This table was taken.');
        } catch (InvalidInput $e) {
            $lines = array_map(static fn (object $error): string => substr($error->message, 0, 7), $e->errors);
            self::assertSame(['Line 4:', 'Line 5:', 'Line 6:'], $lines);
        }
    }

    /** @return iterable<string, array{string, string, string}> patch, pointer, words */
    public static function wrongTanks(): iterable
    {
        $shape = '{"op":"replace","path":"/tanks/0/shape","value":"%s"}';
        $levels = static fn (string $of): string => \sprintf($shape, 'profile').',{"op":"replace","path":"/tanks/0/levels","value":['.$of.']}';
        $arch = static fn (string $of): string => \sprintf($shape, 'wheel_arch').',{"op":"add","path":"/tanks/0/arch","value":{'.$of.'}}';
        yield 'no table' => [\sprintf($shape, 'profile'), '/tanks/0/levels', 'at least one height'];
        yield 'no arch' => [\sprintf($shape, 'wheel_arch'), '/tanks/0/arch', 'the place and the sizes'];
        yield 'heights that fall' => [
            $levels('{"id":"a","height_mm":300,"litres":50},{"id":"b","height_mm":200,"litres":60}'),
            '/tanks/0/levels/1/height_mm',
            'rise from line to line',
        ];
        yield 'litres that fall' => [
            $levels('{"id":"a","height_mm":200,"litres":50},{"id":"b","height_mm":340,"litres":50}'),
            '/tanks/0/levels/1/litres',
            'holds more',
        ];
        yield 'more than the outside has room for' => [$levels('{"id":"a","height_mm":340,"litres":500}'), '/tanks/0/levels/0/litres', 'do not go into'];
        yield 'an arch as high as the tank' => [
            $arch('"x_mm":0,"y_mm":0,"length_mm":200,"width_mm":200,"height_mm":360'),
            '/tanks/0/arch/height_mm',
            'lower than the tank',
        ];
        yield 'an arch beyond the tank' => [$arch('"x_mm":900,"y_mm":0,"length_mm":200,"width_mm":200,"height_mm":100'), '/tanks/0/arch/length_mm', 'mm long'];
    }

    #[DataProvider('wrongTanks')]
    public function testATankSaysWhatItsShapeMisses(string $patch, string $pointer, string $words): void
    {
        try {
            Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.$patch.']'));
            self::fail('This plan was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->errors[0]->pointer);
            self::assertStringContainsString($words, $e->errors[0]->message);
        }
    }
}
