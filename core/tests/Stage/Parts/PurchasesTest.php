<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\PlannedSubstitute;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Record\Records;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Parts\Shopping\ShoppingCsv;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Stage\Parts\Shopping\Substitute;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What was bought, for how much, and whether the plan still has it. */
final class PurchasesTest extends TestCase
{
    /** @return iterable<string, array{list<Purchased>, string, string|null, int}> what was bought for Petrel, the code and the title of what is found, and how many fixes it has */
    public static function findings(): iterable
    {
        $spare = PartsFinding::BoughtSpare->value;
        $instead = PartsFinding::BoughtInstead->value;
        $unknown = PartsFinding::BoughtUnknown->value;
        yield 'as many as are needed' => [[self::bought('tee-12', 2.0)], $spare, null, 0];
        yield 'one more' => [[self::bought('tee-12', 3.0)], $spare, 'You bought more of Tee, 12 mm than the plan needs', 0];
        yield 'what nobody needs' => [[self::bought('tee-20', 1.0)], $spare, 'You bought more of tee-20 than the plan needs', 0];
        yield 'taken back' => [[self::bought('tee-20', 0.0)], $spare, null, 0];
        yield 'two such things' => [[self::bought('tee-20', 1.0), self::bought('tee-12', 2.5)], $spare, 'You bought more of 2 things than the plan needs', 0];
        yield 'a little more off a roll' => [[self::bought('hose-12', 8.5)], $spare, 'You bought more of Clear hose, 12 mm than the plan needs', 0];
        yield 'another size' => [[self::bought('ball-valve-12', 1.0, 'Ball valve, 15 mm')], $instead, 'Ball valve, 15 mm was bought instead of ball-valve-12', 1];
        yield 'by its id' => [[self::bought('ball-valve-12', 1.0, 'ball-valve-15')], $instead, 'Ball valve, 15 mm was bought instead of ball-valve-12', 1];
        yield 'another hose' => [[self::bought('hose-12', 8.0, 'hose-15')], $instead, 'Clear hose, 15 mm was bought instead of hose-12', 1];
        yield 'a tank fitting that the hose does not fit' => [
            [self::bought('tank-barb-38', 1.0, 'tank-barb-40')],
            $instead,
            'Tank fitting, 40 mm barb was bought instead of tank-barb-38',
            0,
        ];
        yield 'what is no such thing' => [[self::bought('ball-valve-12', 1.0, 'tee-15')], $unknown, 'Tee, 15 mm was bought instead of ball-valve-12', 0];
        yield 'what nobody sells' => [[self::bought('ball-valve-12', 1.0, 'a gate valve')], $unknown, 'a gate valve was bought instead of ball-valve-12', 0];
        yield 'a clamp that suits too' => [[self::bought('clamp-16-27', 1.0, 'clamp-20-32')], $instead, 'Hose clamp, 20 to 32 mm was bought instead of clamp-16-27', 1];
        yield 'one that is also needed elsewhere' => [[self::bought('clamp-12-20', 23.0, 'clamp-16-27')], $instead, 'Hose clamp, 16 to 27 mm was bought instead of clamp-12-20', 1];
        yield 'a clamp that does not go round it' => [[self::bought('clamp-12-20', 23.0, 'clamp-8-16')], $unknown, 'Hose clamp, 8 to 16 mm was bought instead of clamp-12-20', 0];
        yield 'a thicker cable' => [[self::bought('cable-1-5', 4.0, 'cable-2-5')], $instead, 'Two-core cable, 2.5 mm² was bought instead of cable-1-5', 1];
        yield 'a thinner one' => [[self::bought('cable-1-5', 4.0, 'cable-1')], $unknown, 'Two-core cable, 1 mm² was bought instead of cable-1-5', 0];
        yield 'a larger fuse' => [[self::bought('fuse-5', 1.0, 'fuse-10')], $unknown, 'Blade fuse, 10 A was bought instead of fuse-5', 0];
        yield 'an adapter with the same ends' => [[self::bought('pump-clip-barb-12', 2.0, 'pump-clip-elbow-12')], $instead, 'Pump clip elbow, 12 mm barb was bought instead of pump-clip-barb-12', 1];
        yield 'only planned' => [[self::bought('ball-valve-12', 0.0, 'ball-valve-15')], $instead, null, 0];
        yield 'for what is not needed' => [[self::bought('tee-20', 1.0, 'ball-valve-15')], $instead, null, 0];
    }

    /** @param list<Purchased> $bought */
    #[DataProvider('findings')]
    public function testIsFound(array $bought, string $code, ?string $title, int $fixes): void
    {
        $plan = SamplePlans::demos()['petrel'];
        $records = new Records([], null, $bought);
        $found = array_column(Assessor::assess($plan, 'parts', SampleLines::stock(), null, $records)->findings, null, 'code');
        self::assertSame($title, str_replace("\u{00A0}", ' ', ($found[$code] ?? null)->title ?? '') ?: null);
        self::assertSame(null !== $title && PartsFinding::BoughtUnknown->value === $code, str_contains(($found[$code] ?? null)->why ?? '', 'The catalogue does not have it'));
        $offered = array_column(Assessor::fixes($plan, 'parts', SampleLines::stock(), new Unwatched(), $records), 'fixes', 'key')[$code] ?? [];
        self::assertCount($fixes, $offered);
        foreach ($offered as $fix) {
            $with = Workings::over($fix->patch->applyTo($plan), SampleLines::stock(), $records);
            self::assertNotContains($code, array_map(static fn ($one): string => $one->key(), Assessor::found($with)));
            // Nothing else is exchanged.
            $changed = array_udiff($plan->line->parts, $with->plan->line->parts, static fn ($a, $b): int => serialize($a) <=> serialize($b));
            self::assertSame([], array_values(array_filter($changed, static fn ($part): bool => $bought[0]->item !== $part->stock)));
            // What was bought counts for what the plan has now, and nothing of it is left over.
            $list = ShoppingList::of($with);
            self::assertSame([], $list->extra);
            $isSaid = static fn (ShoppingLine $one): bool => $bought[0]->purchase === $one->purchase;
            self::assertCount(1, array_filter($list->lines, $isSaid));
        }
    }

    public function testATankFittingIsPutIntoItsPortWithItsEnd(): void
    {
        $plan = SamplePlans::demos()['petrel'];
        $with = Substitute::of(self::bought('tank-barb-38', 1.0, 'tank-barb-40'), SampleLines::stock())?->patch($plan)->applyTo($plan) ?? self::fail('It is not known.');
        self::assertSame(['tank-barb-40', 'barb 41.9'], [$with->tanks[0]->ports[0]->fitting, strtok((string) $with->tanks[0]->ports[0]->end, ',')]);
        self::assertEquals(\array_slice($plan->tanks[0]->ports, 1), \array_slice($with->tanks[0]->ports, 1));
    }

    public function testAnAdapterIsExchangedTheSameWayRound(): void
    {
        $plan = SamplePlans::demos()['petrel'];
        $with = Substitute::of(self::bought('pump-clip-barb-12', 2.0, 'pump-clip-elbow-12'), SampleLines::stock())?->patch($plan)->applyTo($plan) ?? self::fail('It is not known.');
        $ends = static fn (Plan $one): array => array_merge(...array_map(static fn (PlannedPipe $pipe): array => array_map(
            static fn (PlannedAdapter $adapter): string => strtok((string) $adapter->stock, '-').' '.$adapter->ends,
            [...$pipe->fromJoint->adapters ?? [], ...$pipe->toJoint->adapters ?? []],
        ), $one->line->pipes));
        self::assertSame($ends($plan), $ends($with));
        self::assertNotEquals($plan->line, $with->line);
    }

    public function testWhatIsUsedInsteadCanBeReplacedAgain(): void
    {
        $plan = SamplePlans::demos()['petrel'];
        foreach ([['clamp-12-20', 'clamp-16-27', ['clamp-12-20' => 'clamp-16-27']], ['clamp-16-27', 'clamp-20-32', ['clamp-12-20' => 'clamp-20-32']], ['clamp-20-32', 'clamp-12-20', []]] as [$item, $instead, $expected]) {
            $plan = Substitute::of(self::bought($item, 1.0, $instead), SampleLines::stock())?->patch($plan)->applyTo($plan) ?? self::fail('It is not known.');
            self::assertSame($expected, array_column($plan->line->substitutes ?? [], 'instead', 'item'));
        }
    }

    public function testAPlanThatIsFullOfThemTakesNoMoreAndIsStillAssessed(): void
    {
        $plan = SamplePlans::demos()['petrel'];
        $all = array_map(static fn (int $number): PlannedSubstitute => new PlannedSubstitute('nothing-'.$number, 'clamp-20-32'), range(1, LinePlan::MOST_SUBSTITUTES));
        $full = PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['substitutes' => $all])]);
        $records = new Records([], null, [self::bought('clamp-12-20', 1.0, 'clamp-16-27')]);
        $found = array_column(Assessor::assess($full, 'parts', SampleLines::stock(), null, $records)->findings, 'code');
        self::assertContains(PartsFinding::BoughtUnknown->value, $found);
        self::assertNotContains(PartsFinding::BoughtInstead->value, $found);
    }

    public function testSeveralThingsArePutIntoThePlanAtOnceBesideOneThatCannotBe(): void
    {
        $plan = SamplePlans::demos()['petrel'];
        $bought = [self::bought('clamp-12-20', 1.0, 'clamp-16-27'), self::bought('fuse-5', 1.0, 'fuse-10'), self::bought('cable-1-5', 4.0, 'cable-2-5')];
        $records = new Records([], null, $bought);
        $offered = array_column(Assessor::fixes($plan, 'parts', SampleLines::stock(), new Unwatched(), $records), 'fixes', 'key');
        self::assertSame([], $offered[PartsFinding::BoughtUnknown->value]);
        [$fix] = $offered[PartsFinding::BoughtInstead->value];
        self::assertSame('Put all 2 into the plan', $fix->label);
        $keys = array_map(static fn (ShoppingLine $one): string => $one->item->key, ShoppingList::of(Workings::over($fix->patch->applyTo($plan), SampleLines::stock(), $records))->lines);
        self::assertSame(['clamp-16-27', 'fuse-5', 'cable-2-5'], array_values(array_intersect(['clamp-12-20', 'clamp-16-27', 'fuse-5', 'fuse-10', 'cable-1-5', 'cable-2-5'], $keys)));
    }

    public function testWhatWasBoughtUnderItsOwnNameCountsBeforeWhatWasBoughtForSomethingElse(): void
    {
        $all = [self::bought('ball-valve-10', 1.0, 'ball-valve-12'), self::bought('ball-valve-12', 3.0)];
        foreach ([$all, array_reverse($all)] as $bought) {
            $list = ShoppingList::of(Workings::over(SamplePlans::demos()['petrel'], SampleLines::stock(), new Records([], null, $bought)));
            $have = array_column(array_map(static fn (ShoppingLine $one): array => [$one->item->key, $one->have()], $list->lines), 1, 0);
            self::assertSame(3.0, $have['ball-valve-12']);
        }
    }

    public function testEveryPurchaseCountsOnceWhateverWasBought(): void
    {
        mt_srand(7);
        foreach (SamplePlans::demos() as $plan) {
            $keys = array_map(static fn (ShoppingLine $one): string => $one->item->key, ShoppingList::of(Workings::over($plan, SampleLines::stock()))->lines);
            for ($round = 0; $round < 12; ++$round) {
                $items = array_unique([...array_map(static fn (): string => $keys[array_rand($keys)], range(1, 6)), 'tee-20', 'something-else']);
                $bought = array_values(array_map(static fn (string $one): Purchased => self::bought($one, mt_rand(0, 8) / 2, null, mt_rand(0, 3) ? null : 2.5), $items));
                $list = ShoppingList::of(Workings::over($plan, SampleLines::stock(), new Records([], null, $bought)));
                $counted = [
                    ...array_filter(array_map(static fn (ShoppingLine $one): ?Purchase => $one->purchase, $list->lines)),
                    ...array_map(static fn (Purchased $one): Purchase => $one->purchase, $list->extra),
                ];
                $expected = array_filter($bought, static fn (Purchased $one): bool => $one->purchase->amount > 0 || \in_array($one->item, $keys, true));
                self::assertCount(\count($expected), $counted);
                $own = array_filter($list->lines, static fn (ShoppingLine $one): bool => null !== $one->purchase?->price);
                self::assertEqualsWithDelta(2.5 * array_sum(array_map(static fn (ShoppingLine $one): float => $one->bought(), $own)), $list->ownPrice(), 1e-9);
            }
        }
    }

    public function testTheTableComesBackAsItWentOut(): void
    {
        $bought = [
            self::bought('ball-valve-12', 1.0, '=1+1, "quoted"', 12.35, "'tis a shop; all right"),
            self::bought('tee-12', 1.5, null, 0.0),
            self::bought('tap-12', 0.0, null, null, '24'),
        ];
        $plan = SamplePlans::demos()['petrel'];
        $read = ShoppingCsv::read(ShoppingCsv::write($plan, SampleLines::stock(), new Records([], null, $bought)));
        $byItem = static fn (array $all): array => array_column($all, 'purchase', 'item');
        $listed = array_intersect_key($byItem($bought), $byItem($read));
        self::assertArrayHasKey('ball-valve-12', $listed);
        self::assertArrayHasKey('tee-12', $listed);
        self::assertEquals($listed, array_intersect_key($byItem($read), $listed));
        self::assertCount(\count($listed), $read);
    }

    /** @return iterable<string, array{string, string}> a table, and what is said of it */
    public static function tables(): iterable
    {
        yield 'nothing' => ['', 'heading with “item”'];
        yield 'no items' => ["name,have\r\nTee,1\r\n", 'heading with “item”'];
        yield 'only items' => ["item,name\r\ntee-12,Tee\r\n", 'at least one of have, own_price, own_shop, instead'];
        yield 'a word for a number' => ["item,have\r\ntee-12,1\r\ntee-15,two\r\n", 'Line 3, have'];
        yield 'less than nothing' => ["item,own_price\r\ntee-12,-1\r\n", 'Line 2, own_price'];
        yield 'no item' => ["item,have\r\n,1\r\n", 'Line 2, item'];
        yield 'no text' => ["item,have\r\n\xff,1\r\n", 'in UTF-8'];
        yield 'too much of it' => ["item,have\r\n".str_repeat("tee-12,1\r\n", 60_000), 'at most'];
    }

    #[DataProvider('tables')]
    public function testWhatIsNoTableSaysWhere(string $text, string $why): void
    {
        try {
            ShoppingCsv::read($text);
            self::fail('It was read.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString($why, $refused->errors[0]->message);
            self::assertSame('/text', $refused->errors[0]->pointer);
        }
    }

    public function testColumnsOfOthersAndTheirOrderDoNotMatter(): void
    {
        $read = ShoppingCsv::read("own_shop,colour,have,item\r\nHarbour,red,2,tee-12\r\n,,0,tee-15\r\n,,,tee-20\r\n");
        self::assertEquals([new Purchased('tee-12', 'tee-12', new Purchase(2.0, null, 'Harbour'))], $read);
    }

    private static function bought(string $item, float $amount, ?string $instead = null, ?float $price = null, ?string $shop = null): Purchased
    {
        return new Purchased($item, $item, new Purchase($amount, $price, $shop, $instead));
    }
}
