<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanChanges;
use YardCask\Core\Tests\SamplePlans;

final class PlanChangesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>, string}> what is replaced in the demonstration's file, and the change in words */
    public static function changes(): iterable
    {
        yield 'nothing' => [[], ''];
        yield 'a count' => [['"days": 3' => '"days": 4'], "Between fills: 3\u{a0}days → 4\u{a0}days"];
        yield 'a name' => [['"name": "Tail tank"' => '"name": "Rear tank"'], 'Tail tank is now called Rear tank'];
        yield 'the plan’s name' => [['"name": "Fellside"' => '"name": "Slate"'], 'Fellside is now called Slate'];
        yield 'a choice' => [['"stay": "wild"' => '"stay": "mixed"'], 'Nights: wild nights → mixed'];
        yield 'a point of a curve' => [['"kpa": 310' => '"kpa": 300'], "Pressure pump, point 2, pressure: 310\u{a0}kPa → 300\u{a0}kPa"];
        yield 'a unit' => [['"length": "mm"' => '"length": "in"'], 'Length: mm → inches'];
        yield 'in the units of the later state' => [
            ['"length": "mm"' => '"length": "in"', '"length_mm": 950' => '"length_mm": 914.4'],
            "Length: mm → inches; Tail tank, length, along: 37.402\u{a0}in → 36\u{a0}in",
        ];
    }

    /** @param array<string, string> $replaced */
    #[DataProvider('changes')]
    public function testAreSpoken(array $replaced, string $words): void
    {
        $file = self::fellside();
        foreach (array_keys($replaced) as $text) {
            self::assertStringContainsString($text, $file);
        }
        self::assertSame($words, PlanChanges::inWords(Plan::fromJson($file), Plan::fromJson(strtr($file, $replaced))));
    }

    public function testPartsComeAndGoByTheirIdsWhereverTheyStand(): void
    {
        $before = Plan::fromJson(self::fellside());
        $document = $before->document();
        $can = clone $document->tanks[1];
        [$can->id, $can->name] = ['spare', 'Spare can'];
        $document->tanks = [$can, ...\array_slice($document->tanks, 1)];
        $after = Plan::read($document);
        self::assertSame('Spare can added; Tail tank removed', PlanChanges::inWords($before, $after));
        self::assertSame('Tail tank added; Spare can removed', PlanChanges::inWords($after, $before));
    }

    public function testOfManyTheFirstAreSpokenAndTheRestCounted(): void
    {
        $before = Plan::fromJson(self::fellside());
        $document = $before->document();
        $document->tanks = [];
        [$document->use->days, $document->use->crew] = [9, 5];
        self::assertMatchesRegularExpression('/^Tail tank removed; .* removed; .* removed and 2 more$/', PlanChanges::inWords($before, Plan::read($document)));
    }

    public function testNoTwoStatesThatDifferAreCalledTheSame(): void
    {
        for ($seed = 1; $seed < 40; ++$seed) {
            [$one, $other] = [SamplePlans::varied($seed), SamplePlans::varied($seed + 1)];
            self::assertSame($one->toJson() === $other->toJson(), '' === PlanChanges::inWords($one, $other), "seed {$seed}");
        }
    }

    private static function fellside(): string
    {
        return (string) file_get_contents(__DIR__.'/../../../catalogue/plans/fellside.json');
    }
}
