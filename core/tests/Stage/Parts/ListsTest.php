<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\Shop;
use YardCask\Core\Catalogue\Fitting\SoldBy;
use YardCask\Core\Joint\EndSystem;
use YardCask\Core\Output\Csv;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Record\Records;
use YardCask\Core\Stage\Parts\Cutting\CutList;
use YardCask\Core\Stage\Parts\Drawing\CutCard;
use YardCask\Core\Stage\Parts\Drilling\DrillList;
use YardCask\Core\Stage\Parts\Drilling\FaceTemplate;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Stage\Parts\Shopping\Item;
use YardCask\Core\Stage\Parts\Shopping\PipeLengths;
use YardCask\Core\Stage\Parts\Shopping\ShoppingCsv;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What to buy and to cut. */
final class ListsTest extends TestCase
{
    /** @return iterable<string, array{SoldBy, float|null, float, float, float}> how it is sold, what is in one, what is needed, what is bought, and its price at 2 each */
    public static function amounts(): iterable
    {
        yield 'pieces' => [SoldBy::Piece, null, 3.0, 3.0, 6.0];
        yield 'a share of a roll of tape' => [SoldBy::Piece, null, 4 / 15, 1.0, 2.0];
        yield 'packs' => [SoldBy::Pack, 10.0, 11.0, 2.0, 4.0];
        yield 'a full pack' => [SoldBy::Pack, 10.0, 10.0, 1.0, 2.0];
        yield 'off a roll, to the half metre' => [SoldBy::Metre, null, 2.1, 2.5, 5.0];
        yield 'off a roll, a length that adds up to a half metre' => [SoldBy::Metre, null, 0.1 + 0.2 + 1.7, 2.0, 4.0];
        yield 'a hair over a half metre' => [SoldBy::Metre, null, 1.1 + 2.2 - 0.3, 3.0, 6.0];
        yield 'in lengths' => [SoldBy::Metre, 3.0, 3.2, 2.0, 12.0];
        yield 'shares that add up to one' => [SoldBy::Piece, null, 0.1 + 0.2 + 0.7, 1.0, 2.0];
    }

    #[DataProvider('amounts')]
    public function testSoMuchIsBought(SoldBy $sold, ?float $pack, float $needed, float $bought, float $price): void
    {
        $line = new ShoppingLine(new Item('x', 'X', Shop::Plumbing, $sold, 2.0, 0.1, $pack), $needed, [], false);
        self::assertEqualsWithDelta($bought, $line->bought(), 1e-9);
        self::assertEqualsWithDelta($price, $line->price(), 1e-9);
        foreach ([[0.0, true, 0.0], [-0.1, false, 0.0], [0.5, true, 0.5]] as [$more, $isBought, $spare]) {
            $with = $line->with(new Purchase($bought + $more, 3.5));
            self::assertSame($isBought, $with->isBought());
            self::assertEqualsWithDelta([$spare, 3.5 * $bought], [$with->spare(), $with->price()], 1e-9);
        }
        self::assertEqualsWithDelta(0.1 * $needed, $line->kg(), 1e-9);
    }

    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (SamplePlans::demos() as $name => $plan) {
            yield $name => [$plan];
        }
        foreach (SystemType::cases() as $system) {
            yield $system->value => [JoinedLines::of($system)];
        }
    }

    #[DataProvider('plans')]
    public function testEveryPartPipeAdapterAndHoseEndIsOnTheListOnce(Plan $plan): void
    {
        $lines = array_column(array_map(static fn (ShoppingLine $one): array => ['key' => $one->item->key, 'line' => $one], self::list($plan)->lines), 'line', 'key');
        $amount = static fn (string $key): float => ($lines[$key] ?? null)->amount ?? 0.0;
        $count = static fn (array $keys): array => array_count_values($keys);
        foreach ($count(array_map(static fn ($part): string => $part->stock ?? $part->id, $plan->line->parts)) as $key => $parts) {
            self::assertEqualsWithDelta($parts, $amount($key), 1e-9, $key);
        }
        $joints = JoinedLines::joints($plan)->all;
        $adapters = array_merge(...array_map(static fn ($joint): array => $joint->adapters, $joints));
        foreach ($count(array_map(static fn ($adapter): string => $adapter->stock ?? '', $adapters)) as $key => $times) {
            self::assertEqualsWithDelta($times, $amount($key), 1e-9, $key);
        }
        $held = $crimped = 0;
        foreach ($joints as $joint) {
            foreach ($joint->meetings as $meeting) {
                $systems = Verdict::Tight === $meeting->verdict ? [$meeting->a?->end?->system, $meeting->b?->end?->system] : [];
                $held += \in_array(EndSystem::Hose, $systems, true) ? 1 : 0;
                $crimped += \in_array(EndSystem::Crimp, $systems, true) ? 1 : 0;
            }
        }
        $sum = static fn (string $pattern): float => array_sum(array_map($amount, array_filter(array_keys($lines), static fn (string $key): bool => 1 === preg_match($pattern, $key))));
        self::assertEqualsWithDelta($held, $sum('/^(clamp|ring)-/'), 1e-9);
        self::assertEqualsWithDelta($crimped, $sum('/^crimp-ring-/'), 1e-9);
        // What only says in which tank a pump hangs is no pipe.
        $pipesM = array_sum(array_column(PipeLengths::of(Workings::over($plan, SampleLines::stock()))->all, 1));
        $ids = array_unique(array_map(static fn (PlannedPipe $pipe): string => $pipe->stock ?? $pipe->id, $plan->line->pipes));
        self::assertEqualsWithDelta($pipesM, array_sum(array_map($amount, $ids)), 1e-9);
    }

    #[DataProvider('plans')]
    public function testTheTableHasALineForEachOfThem(Plan $plan): void
    {
        $list = self::list($plan);
        $rows = Csv::rows(ShoppingCsv::write($plan, SampleLines::stock()));
        self::assertCount(\count($list->lines) + 1, $rows);
        foreach (\array_slice($rows, 1) as $index => $row) {
            $line = $list->lines[$index];
            self::assertSame([$line->item->key, (string) $line->bought(), (string) round($line->price(), 2)], [$row[1], $row[4], $row[7]]);
            self::assertCount(15, $row);
        }
    }

    public function testAPieceIsCutLongerByWhatGoesInAtItsEndsAndAnAssumedOneIsOnlyListed(): void
    {
        $plan = JoinedLines::pipes(JoinedLines::of(SystemType::Pressure), static fn (PlannedPipe $one): array => 'pipe-1' === $one->id ? ['lengthM' => null] : ['lengthM' => 0.5]);
        $all = PipeLengths::of(Workings::over($plan, SampleLines::stock()))->all;
        foreach ($all as [$ending, $lengthM, $ins]) {
            $seenM = 'pipe-1' === $ending->pipe->id ? 1.15 * $ending->lengthM() : 0.5;
            self::assertEqualsWithDelta($seenM + array_sum($ins) / 1000, $lengthM, 1e-9);
        }
        // On a barb of 12 mm a hose goes 25 mm.
        self::assertContains([25.0, 25.0], array_column($all, 2));
        $cuts = CutList::all(Workings::over($plan, SampleLines::stock()));
        self::assertSame(1, array_sum(array_map(static fn (CutList $one): int => \count($one->assumed), $cuts)));
        self::assertSame(\count($plan->line->pipes) - 1, array_sum(array_map(static fn (CutList $one): int => \count($one->measured), $cuts)));
    }

    /** @return iterable<string, array{float|null, float|null, string, bool}> the length in the plan and as it was cut, both in m, what is said of it, and whether it is offered */
    public static function cuts(): iterable
    {
        yield 'not cut yet' => [0.5, null, '', false];
        yield 'as planned, with 25 mm on each barb' => [0.5, 0.55, 'Cut 550 mm.', false];
        yield 'longer' => [0.5, 0.56, 'Cut 560 mm.', true];
        yield 'by less than can be measured' => [0.5, 0.5504, 'Cut 550 mm.', false];
        yield 'never measured' => [null, 0.7, 'Cut 700 mm.', true];
        yield 'shorter than what goes in' => [0.5, 0.055, 'Cut 55 mm.', false];
    }

    #[DataProvider('cuts')]
    public function testALengthAsItWasCutIsOfferedToThePlan(?float $plannedM, ?float $cutM, string $said, bool $isOffered): void
    {
        $plan = JoinedLines::pipes(JoinedLines::of(SystemType::Pressure), static fn (): array => ['lengthM' => $plannedM]);
        $pipe = $plan->line->pipes[1]->id;
        $workings = Workings::over($plan, SampleLines::stock(), new Records([], null, [], null === $cutM ? [] : [$pipe => $cutM]));
        $pieces = [];
        foreach (CutCard::all($workings) as $card) {
            array_push($pieces, ...$card->assumed, ...array_merge(...array_column($card->bars, 'pieces')));
        }
        $piece = array_column($pieces, null, 'pipe')[$pipe];
        self::assertSame($said, str_replace("\u{00A0}", ' ', $piece->cut));
        self::assertSame($isOffered, null !== $piece->fix);
        if (null !== $piece->fix && null !== $cutM) {
            self::assertEqualsWithDelta($cutM - 0.05, $piece->fix->patch->applyTo($plan)->line->pipes[1]->lengthM, 1e-9);
        }
        self::assertCount(\count($plan->line->pipes), $pieces);
    }

    public function testPiecesAreCutFromLengthsOnSale(): void
    {
        $stock = SampleLines::stock()->pipe('tube-push-15') ?? self::fail('There is no such tube.');
        $plan = JoinedLines::pipes(JoinedLines::of(SystemType::Pressure), static fn (): array => ['tube' => $stock->tube, 'stock' => $stock->id, 'lengthM' => 1.4, 'fromJoint' => null, 'toJoint' => null]);
        [$cuts] = CutList::all(Workings::over($plan, SampleLines::stock()));
        $cutting = $cuts->cutting() ?? self::fail('It is cut from lengths.');
        // Two pieces of 1.4 m come out of a length of 3 m.
        self::assertCount((int) ceil(\count($plan->line->pipes) / 2), $cutting->lengths);
        self::assertSame(\count($plan->line->pipes), array_sum(array_map(static fn ($one): int => \count($one->pieces), $cutting->lengths)));
        $long = JoinedLines::pipes($plan, static fn (): array => ['lengthM' => 3.4]);
        self::assertNull(CutList::all(Workings::over($long, SampleLines::stock()))[0]->cutting());
    }

    /** @return iterable<string, array{string, list<float>, float, float, int}> a tube, what the workshop has of it in m, how long each of seven pieces is, how much is bought, and how many pieces come out of the workshop */
    public static function workshops(): iterable
    {
        // A length of 3 m gives one piece of 1.6 m: by metres alone four lengths would seem enough.
        yield 'lengths, nothing in the workshop' => ['tube-push-15', [], 1.6, 7.0, 0];
        yield 'one length that is just too short' => ['tube-push-15', [1.5], 1.6, 7.0, 0];
        yield 'enough for two' => ['tube-push-15', [1.7, 1.7], 1.6, 5.0, 2];
        yield 'longer than what is sold' => ['tube-push-15', [5.0], 1.6, 4.0, 3];
        yield 'off a roll' => ['hose-12', [], 0.9, 6.5, 0];
        yield 'off a roll, with a rest of it' => ['hose-12', [2.0], 0.9, 4.5, 2];
        yield 'a rest for all of it' => ['hose-12', [9.0], 0.9, 0.0, 7];
    }

    /** @param list<float> $offcutsM */
    #[DataProvider('workshops')]
    public function testWhatTheWorkshopHasIsCutFirstAndOnlyTheRestIsBought(string $tube, array $offcutsM, float $lengthM, float $bought, int $inWorkshop): void
    {
        $stock = SampleLines::stock()->pipe($tube) ?? self::fail('There is no such tube.');
        $joined = JoinedLines::of(SystemType::Pressure);
        // With ends that nobody knows nothing goes into the joints.
        $line = PartFields::changed($joined, [
            'tanks' => array_map(static fn ($tank) => PartFields::changed($tank, ['ports' => array_map(static fn ($port) => PartFields::changed($port, ['end' => null]), $tank->ports)]), $joined->tanks),
            'line' => PartFields::changed($joined->line, ['parts' => array_map(static fn ($part) => PartFields::changed($part, ['ends' => null]), $joined->line->parts)]),
        ]);
        $plan = JoinedLines::pipes($line, static fn (PlannedPipe $one): array => \in_array($one, \array_slice($line->line->pipes, 0, 7), true)
            ? ['tube' => PartFields::changed($stock->tube, ['end' => null]), 'stock' => $stock->id, 'lengthM' => $lengthM, 'fromJoint' => null, 'toJoint' => null]
            : ['stock' => null]);
        $records = new Records([], null, [], [], [$tube => $offcutsM]);
        $workings = Workings::over($plan, SampleLines::stock(), $records);
        $lines = array_values(array_filter(ShoppingList::of($workings)->lines, static fn (ShoppingLine $one): bool => $tube === $one->item->key));
        self::assertSame($bought, $lines[0]->bought());
        self::assertEqualsWithDelta(7 * $lengthM, $lines[0]->amount, 1e-9);
        [$card] = array_values(array_filter(CutCard::all($workings), static fn (CutCard $one): bool => $tube === $one->key));
        $taken = array_filter($card->bars, static fn ($bar): bool => $bar->inWorkshop);
        self::assertSame($inWorkshop, array_sum(array_map(static fn ($bar): int => \count($bar->pieces), $taken)));
        self::assertSame(7, array_sum(array_map(static fn ($bar): int => \count($bar->pieces), $card->bars)));
        self::assertJson(json_encode($card, \JSON_THROW_ON_ERROR));
    }

    public function testWhatRunsInTheWindUnderTheFloorIsInsulated(): void
    {
        $plan = JoinedLines::of(SystemType::Pressure);
        $metres = static fn (Plan $plan): float => array_sum(array_map(
            static fn (ShoppingLine $one): float => str_starts_with($one->item->key, 'insulation-') ? $one->amount : 0.0,
            self::list($plan)->lines,
        ));
        self::assertSame(0.0, $metres($plan));
        $floorM = $plan->load->rig->sizes()->floorM;
        $at = static fn (float $zM): Plan => PartFields::changed($plan, ['line' => PartFields::changed($plan->line, [
            'parts' => array_map(static fn ($part) => PartFields::changed($part, ['zM' => $zM]), $plan->line->parts),
        ])]);
        self::assertSame(0.0, $metres($at($floorM)));
        $under = $at($floorM - 0.01);
        // All but the pipe from the tank, which begins inside.
        $inside = array_filter(PipeLengths::of(Workings::over($under, SampleLines::stock()))->all, static fn (array $one): bool => null !== $one[0]->outlet);
        $all = array_sum(array_column(PipeLengths::of(Workings::over($under, SampleLines::stock()))->all, 1));
        self::assertCount(1, $inside);
        self::assertEqualsWithDelta($all - array_sum(array_column($inside, 1)), $metres($under), 1e-9);
    }

    public function testWithoutALineThereIsNothingOfIt(): void
    {
        $bare = PartFields::changed(SamplePlans::begun(), ['tanks' => []]);
        self::assertSame([], self::list($bare)->lines);
        self::assertSame([], CutList::all(Workings::over($bare, SampleLines::stock())));
        self::assertSame([], DrillList::of(Workings::over($bare, SampleLines::stock())));
        self::assertSame([], FaceTemplate::all(Workings::over($bare, SampleLines::stock())));
    }

    private static function list(Plan $plan): ShoppingList
    {
        return ShoppingList::of(Workings::over($plan, SampleLines::stock()));
    }
}
