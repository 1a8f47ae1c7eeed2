<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\FixEffect;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Each finding of Parts: when it is made, when it is not, and that each of its fixes clears it and hides nothing. */
final class PartsFindingsTest extends TestCase
{
    /** @return iterable<string, array{PartsFinding, Plan, Plan, int}> the code, a plan that is well, the same with it, and the least number of fixes */
    public static function findings(): iterable
    {
        $well = JoinedLines::of(SystemType::Pressure);
        $pump = $well->line->pipes[3];
        $joined = static fn (string $ends, PartMake $make): PlannedJoint => new PlannedJoint([new PlannedAdapter('adapter-900', 'Own adapter', $make, $ends, 9.5, 0.3)]);
        $good = new PartMake(1000.0, 60.0, true, 0.05, 2.0);
        $filtered = JoinedLines::part($well, 'Bowl strainer', ['ends' => 'in: thread 1/2 iso_228 female flat, plastic; out: barb 13.8']);
        $strainer = static fn (Plan $plan, string $material): Plan => JoinedLines::pipes($plan, static fn (PlannedPipe $one): array => str_starts_with($one->to, 'strainer-')
            ? ['toJoint' => $joined('near: barb 13.8; far: thread 1/2 iso_228 male flat, '.$material, $good)]
            : []);
        $adapted = static fn (PartMake $make): Plan => JoinedLines::pipes($well, static fn (PlannedPipe $one): array => $one->id === $pump->id
            ? ['fromJoint' => $joined('near: barb 13.8; far: own pump clip plug', $make)]
            : []);
        $line = static fn (array $changes): Plan => PartFields::changed($well, ['line' => PartFields::changed($well->line, $changes)]);
        yield 'a hose that is too wide' => [PartsFinding::Leaks, $well, self::tubed($well, 'hose 13.7 soft'), 0];
        yield 'a hose that does not go on' => [PartsFinding::Apart, $well, self::tubed($well, 'hose 8 soft'), 0];
        yield 'a port of another system' => [PartsFinding::Apart, $well, JoinedLines::part($well, 'Ball valve', ['ends' => 'in: crimp 16; out: crimp 16']), 1];
        yield 'a thread that looks alike' => [
            PartsFinding::Leaks,
            $strainer($filtered, 'plastic'),
            $strainer(JoinedLines::part($filtered, 'Bowl strainer', ['ends' => 'in: thread 1/2 asme_b1_20_1 female; out: barb 13.8']), 'plastic'),
            1,
        ];
        yield 'a part of which nobody knows the ends' => [PartsFinding::Unmeasured, $well, JoinedLines::part($well, 'Ball valve', ['ends' => null]), 1];
        yield 'clamps at a pump' => [PartsFinding::ClampShakes, $well, $line(['joining' => JoiningMethod::Clamp]), 2];
        yield 'brass into plastic' => [PartsFinding::MetalInPlastic, $strainer($filtered, 'plastic'), $strainer($filtered, 'metal'), 0];
        yield 'a third way to join' => [PartsFinding::ManyMethods, $well, JoinedLines::pipes($well, static fn (PlannedPipe $one): array => $one->id === $pump->id
            ? ['toJoint' => new PlannedJoint($one->toJoint->adapters ?? [], JoiningMethod::Clamp)]
            : []), 0];
        yield 'an adapter that bursts' => [PartsFinding::AdapterWeak, $adapted($good), $adapted(new PartMake(100.0, 60.0, true, 0.05, 2.0)), 1];
        yield 'an adapter that softens' => [PartsFinding::AdapterWeak, $adapted($good), $adapted(new PartMake(1000.0, 10.0, true, 0.05, 2.0)), 1];
        yield 'an adapter of who knows what' => [PartsFinding::AdapterNotForDrinking, $adapted($good), $adapted(new PartMake(1000.0, 60.0, false, 0.05, 2.0)), 1];
        $tail = SamplePlans::demos()['fellside'];
        $drain = static fn (float $alongMm, float $upMm): Plan => PlanPatch::replace('/tanks/0/ports/2', PartFields::changed($tail->tanks[0]->ports[2], [
            'alongMm' => $alongMm,
            'upMm' => $upMm,
        ]))->applyTo($tail);
        $above = PlanPatch::append('/tanks/0/ports', PartFields::changed($tail->tanks[0]->ports[2], ['id' => 'drain-900', 'name' => 'Second drain', 'alongMm' => 185.0, 'upMm' => 60.0]));
        // A hole of 21 mm with its seal needs 16.5 mm on every side.
        yield 'a hole at the floor' => [PartsFinding::HoleCrowded, $drain(185.0, 16.5), $drain(185.0, 16.4), 1];
        yield 'a hole in a corner' => [PartsFinding::HoleCrowded, $drain(353.5, 16.5), $drain(353.6, 16.5), 1];
        yield 'a hole in another' => [PartsFinding::HoleCrowded, $above->applyTo($drain(185.0, 27.0)), $above->applyTo($drain(185.0, 27.1)), 1];
        [$petrel, $left] = [SamplePlans::demos()['petrel'], SamplePlans::demos()['prompt-side']];
        $over = static fn (int $mm): Plan => PlanPatch::replace('/bays/0/height_mm', 330 + $mm)->applyTo($petrel);
        // With its elbow the fitting of the fill stands out 56 mm.
        yield 'no room for a spanner' => [PartsFinding::FittingCramped, $over(56), $over(55), 1];
        yield 'a port behind its tank' => [PartsFinding::PortOutOfReach, PlanPatch::replace('/bays/0/reach_rear', true)->applyTo($left), $left, 1];
        yield 'a port in a bay that nobody measured' => [
            PartsFinding::PortOutOfReach,
            PlanPatch::replace('/bays/0/taped', false)->applyTo($left),
            $left,
            1,
        ];
        yield 'a hose for which no clip is made' => [PartsFinding::PipeUnheld, self::tubed($well, 'hose 34 soft'), self::tubed($well, 'hose 50 soft'), 0];
        yield 'a length that nobody measured' => [PartsFinding::LengthAssumed, $well, JoinedLines::pipes($well, static fn (PlannedPipe $one): array => $one->id === $pump->id
            ? ['lengthM' => null]
            : []), 0];
    }

    #[DataProvider('findings')]
    public function testIsMadeWhenItShouldBeAndItsFixesClearIt(PartsFinding $code, Plan $well, Plan $ill, int $least): void
    {
        self::assertArrayNotHasKey($code->value, self::found($well));
        $finding = self::found($ill)[$code->value] ?? self::fail('It is not found.');
        self::assertSame($code->severity(), $finding->severity);
        self::assertStringNotContainsString('{', $finding->title.$finding->why);
        self::assertGreaterThanOrEqual($least, \count($finding->fixes), $finding->title);
        foreach ($finding->fixes as $fix) {
            self::assertSame([], (new FixEffect($fix, $finding->key, $ill, SampleLines::stock()))->complaints());
        }
    }

    public function testAnAnswerThatEveryJointHoldsNamesWhatElseHasToBePutRight(): void
    {
        $tail = SamplePlans::demos()['fellside'];
        $port = PartFields::changed($tail->tanks[0]->ports[2], ['alongMm' => 185.0, 'upMm' => 16.4]);
        foreach (['33 adapters are fitted.' => $tail, 'Still to be put right: “Drain” of Tail tank has no room for its hole.' => null] as $reason => $plan) {
            $plan ??= PlanPatch::replace('/tanks/0/ports/2', $port)->applyTo($tail);
            $answer = Assessor::assess($plan, 'parts', SampleLines::stock())->stages['parts']->answer;
            self::assertSame(['All ', $reason], [$answer->before, $answer->reason]);
        }
    }

    public function testEveryCodeHasACaseAbove(): void
    {
        $covered = array_map(static fn (array $row): PartsFinding => $row[0], iterator_to_array(self::findings(), false));
        $ofPurchases = array_map(static fn (array $row): PartsFinding => PartsFinding::from($row[1]), array_values(iterator_to_array(PurchasesTest::findings())));
        array_push($covered, ...$ofPurchases);
        self::assertSame([], array_values(array_filter(PartsFinding::cases(), static fn (PartsFinding $one): bool => !\in_array($one, $covered, true))));
    }

    public function testWhatAnotherStageMendsIsNotHeldBackByWhatThenHasToBeJoined(): void
    {
        $plan = JoinedLines::of(SystemType::Pressure);
        $open = PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => array_values(array_filter(
            $plan->line->parts,
            static fn ($part): bool => 'Bowl strainer' !== $part->name,
        ))])]);
        $fixes = array_column(Assessor::fixes($open, 'line', SampleLines::stock()), 'fixes', 'key');
        foreach (array_merge(...array_values($fixes)) as $fix) {
            self::assertStringNotContainsString('joint', (string) $fix->cost);
        }
        self::assertNotSame([], $fixes);
    }

    public function testThePlansOfTheDemonstrationsSayHonestlyWhatTheyLack(): void
    {
        $found = array_map(
            static fn (Plan $plan): array => array_values(array_filter(array_keys(self::found($plan)), static fn (string $key): bool => 'parts.length-assumed' !== $key)),
            SamplePlans::demos(),
        );
        self::assertSame([
            'bothy' => ['parts.apart'],
            'fellside' => ['parts.metal-in-plastic', 'parts.out-of-reach', 'parts.many-methods'],
            'petrel' => ['parts.clamp-shakes'],
            'prompt-side' => ['parts.metal-in-plastic', 'parts.out-of-reach', 'parts.many-methods'],
        ], $found);
    }

    private static function tubed(Plan $plan, string $end): Plan
    {
        $last = $plan->line->pipes[\count($plan->line->pipes) - 1]->id;

        return JoinedLines::pipes($plan, static fn (PlannedPipe $one): array => $one->id === $last ? ['tube' => PartFields::changed($one->tube, ['end' => $end])] : []);
    }

    /** @return array<string, SentFinding> those of Parts, by key */
    private static function found(Plan $plan): array
    {
        $all = array_column(Assessor::assess($plan, null, SampleLines::stock())->findings, null, 'key');

        return array_filter($all, static fn (SentFinding $one): bool => 'parts' === $one->stage);
    }
}
