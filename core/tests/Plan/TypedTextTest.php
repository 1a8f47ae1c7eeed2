<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\TypedText;
use YardCask\Core\Quantity\UnreadableQuantity;
use YardCask\Core\Tests\SamplePlans;

final class TypedTextTest extends TestCase
{
    /** @return list<array{string, string, float|string}> pointer, typed text, the value to store or a part of the refusal */
    public static function typed(): array
    {
        return [
            ['/tanks/0/length_mm', '3 ft 1', 939.8],
            ['/tanks/0/y_m', '620 left', -0.62],
            ['/load/rig/axles/0/weighed_kg', '1,5 t', 1500.0],
            ['/use/reserve', '1/8', 0.125],
            ['/load/rig/axles/1/x_m', '3300', 3.3],
            ['/tanks/0/length_mm', '25 m', '“25 m” was read as 25 000 mm; a tank’s length can be from 20 mm to 4 000 mm.'],
            ['/tanks/0/ports/3/up_mm', '360 mm', '“360 mm” was read as 360 mm. The outlet (352.5 mm) must be below the overflow (345 mm).'],
            ['/tanks/9/length_mm', '900', 'There is no measured field here.'],
            ['/tanks/0/travel_fill', '60', 0.6],
            ['/load/rig/axles/0/weighed_kg', '1.350', '“1.350” is far from the 1 442 kg next to it. Is it 1 350 kg or 1.35 kg?'],
            ['/load/rig/axles/0/weighed_kg', '1,350', 'two ways: the comma may part thousands or decimals'],
            ['/load/rig/axles/0/weighed_kg', '135', 'Is it 1 350 kg or 135 kg?'],
            ['/load/rig/axles/0/weighed_kg', '9000', 'Is it 900 kg or 9 000 kg?'],
            ['/load/rig/axles/0/weighed_kg', '486', 486.0],
            ['/load/rig/axles/1/limit_kg', '185', 'Is it 1 850 kg or 185 kg?'],
            ['/load/rig/gross_limit_kg', '35 000', 'Is it 3 500 kg or 35 000 kg?'],
            ['/use/days', '5.', 5.0],
            ['/use/uses/0/litres', '0x10', '“0x10”'],
            ['/use/uses/4/minutes', '2 5', 'not one quantity'],
            ['/use/uses/4/minutes', '2 5 min', 'not one quantity'],
            ['/use/uses/0/times', 'once', 1.0],
            ['/use/uses/0/times', 'twice', 2.0],
            ['/use/uses/0/times', '2 a day', 2.0],
            ['/use/uses/0/times', 'twice daily', 2.0],
            ['/use/uses/0/times', '3 times per stay', 3.0],
            ['/use/uses/0/times', '2 kg', 'takes a number of times'],
            ['/tanks/0/count', '2.5', 'not a whole number'],
            ['/name', '9', 'There is no measured field here.'],
            ['/use/uses/0/litres', '2 gal', 'two ways'],
            ['/use/crew', '3.5', 'People are counted whole: 3 or 4'],
        ];
    }

    #[DataProvider('typed')]
    public function testReadsTypedTextForItsField(string $pointer, string $text, float|string $expected): void
    {
        try {
            $value = TypedText::read($pointer, $text, SamplePlans::fellside());
            self::assertSame($expected, $value);
        } catch (InvalidInput|UnreadableQuantity $e) {
            self::assertIsString($expected, $e->getMessage());
            self::assertStringContainsString($expected, str_replace("\u{00A0}", ' ', $e->getMessage()));
        }
    }

    public function testAnUnlikelyWeightIsTakenOnceItIsConfirmed(): void
    {
        self::assertSame(135.0, TypedText::read('/load/rig/axles/0/weighed_kg', '135 kg', SamplePlans::fellside(), true));
        self::assertSame(1350.0, TypedText::read('/load/rig/axles/0/weighed_kg', "1\u{00A0}350\u{00A0}kg", SamplePlans::fellside()));
    }

    /** @return list<array{string, string, string}> the unit of length, a pointer, and the range that its refusal names */
    public static function ranges(): array
    {
        return [
            ['mm', '/tanks/0/length_mm', 'from 20 mm to 4 000 mm'],
            ['in', '/tanks/0/length_mm', 'from 0.788 in to 157.48 in'],
            ['in', '/tanks/0/y_m', 'from 118.11 in left to 118.11 in right'],
            ['in', '/load/rig/height_m', 'from 19.686 in to 196.85 in'],
        ];
    }

    #[DataProvider('ranges')]
    public function testWhatARefusalNamesAsAllowedIsAllowed(string $unit, string $pointer, string $range): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/units/length","value":"'.$unit.'"}]'));
        try {
            TypedText::read($pointer, '900 ft', $plan);
            self::fail('900 ft were taken.');
        } catch (InvalidInput $e) {
            $said = str_replace("\u{00A0}", ' ', $e->errors[0]->message);
            self::assertStringContainsString($range, $said);
            preg_match('/from (.+) to (.+)\./', $range.'.', $ends);
            foreach (\array_slice($ends, 1) as $end) {
                try {
                    TypedText::read($pointer, $end, $plan);
                } catch (InvalidInput $other) {
                    self::assertStringNotContainsString('can be from', $other->getMessage());
                }
            }
        }
    }
}
