<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\IssuedNumbers;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Line\Edit\LineEdit;
use YardCask\Core\Stage\Line\Edit\SystemLine;
use YardCask\Core\Stage\Line\Edit\SystemOffer;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** What is done to a line: each edit leaves a line that is joined up, and what cannot be done says why. */
final class LineEditTest extends TestCase
{
    /** @param array<string, string> $edit */
    private static function done(array $edit, Plan $plan): Plan
    {
        return LineEdit::patch((object) $edit, $plan, SampleLines::stock())->applyTo($plan);
    }

    public function testWhatIsPutInAndTakenOutLeavesTheLineAsItWas(): void
    {
        $line = SampleLines::of(SystemType::StorageHeater);
        $joints = static fn (Plan $plan): array => array_map(static fn (PlannedPipe $pipe): string => $pipe->from.' '.$pipe->to, $plan->line->pipes);
        foreach ($line->plan->line->pipes as $pipe) {
            $with = self::done(['do' => 'into', 'pipe' => $pipe->id, 'part' => 'filter-carbon-10'], $line->plan);
            self::assertCount(\count($line->plan->line->pipes) + 1, LineGraph::of($with)->pipes);
            $filter = $with->line->parts[\count($with->line->parts) - 1];
            self::assertEqualsCanonicalizing($joints($line->plan), $joints(self::done(['do' => 'take_out', 'part' => $filter->id], $with)));
            $branched = self::done(['do' => 'branch', 'pipe' => $pipe->id, 'part' => 'tap-drinking'], $line->plan);
            $tap = $branched->line->parts[\count($branched->line->parts) - 1];
            self::assertSame([[], []], [LineGraph::of($branched)->lost, LineGraph::of($branched)->twice]);
            self::assertEqualsCanonicalizing($joints($line->plan), $joints(self::done(['do' => 'take_out', 'part' => $tap->id], $branched)));
        }
    }

    public function testALineIsBuiltFromNothing(): void
    {
        $plan = PartFields::changed(SampleLines::of(SystemType::CanFoot)->plan, ['line' => LinePlan::none(), 'issued' => new IssuedNumbers()]);
        $plan = self::done(['do' => 'after', 'port' => 'cans.outlet', 'part' => 'strainer-foot'], $plan);
        $plan = self::done(['do' => 'after', 'port' => 'strainer-1.out', 'part' => 'foot-4'], $plan);
        $plan = self::done(['do' => 'after', 'port' => 'foot-pump-1.out', 'part' => 'tap-galley'], $plan);
        // Behind a port from which a pipe leads it goes into that pipe.
        $plan = self::done(['do' => 'after', 'port' => 'foot-pump-1.out', 'part' => 'non-return-12'], $plan);
        self::assertSame(
            ['cans.cans-outlet strainer-1.in', 'strainer-1.out foot-pump-1.in', 'foot-pump-1.out non-return-1.in', 'non-return-1.out tap-1.in'],
            array_map(static fn (PlannedPipe $pipe): string => $pipe->from.' '.$pipe->to, $plan->line->pipes),
        );
    }

    /** Where the maker allows a low hole it goes there; else at the outlet's height on a side with room; of a can through its cap. */
    public function testATankThatHasNoOutletGetsOneWhenAPipeIsJoined(): void
    {
        $plan = PartFields::changed(SampleLines::of(SystemType::CanFoot)->plan, ['line' => LinePlan::none(), 'issued' => new IssuedNumbers()]);
        $bare = static fn (string $id, array $changes): Plan => PartFields::changed($plan, ['tanks' => array_map(
            static fn (PlannedTank $tank): PlannedTank => PartFields::changed($tank, $id === $tank->id ? ['ports' => [], ...$changes] : []),
            $plan->tanks,
        )]);
        $edit = static fn (string $id): array => ['do' => 'after', 'port' => $id.'.outlet', 'part' => 'strainer-foot'];
        $drawn = static fn (string $id, array $changes = []): Plan => self::done($edit($id), $bare($id, $changes));
        $port = static fn (Plan $done, string $id): PlannedPort => array_column($done->tanks, null, 'id')[$id]->outlets()[0];
        $cans = $drawn('cans');
        self::assertSame([Face::Top, 'cans.outlet-1'], [$port($cans, 'cans')->face, $cans->line->pipes[0]->from]);
        $header = $drawn('header');
        self::assertSame([Face::Right, 10.0, 60.0], [$port($header, 'header')->face, $port($header, 'header')->lowestMm(), $port($header, 'header')->roomMm]);
        self::assertSame(10.0, array_column($header->tanks, null, 'id')['header']->outletMm());
        $spare = static fn (float $upMm, float $boreMm): array => ['ports' => [
            new PlannedPort('spare-1', 'Low', PortRole::Spare, Face::Right, 200.0, $upMm, $boreMm, 60.0, false),
        ]];
        $used = $drawn('header', $spare(20.0, 13.0));
        self::assertSame(['spare-1', true, 'header.spare-1'], [$port($used, 'header')->id, $port($used, 'header')->drilled, $used->line->pipes[0]->from]);
        // Too high, or too narrow for a pipe.
        foreach ([$spare(40.0, 13.0), $spare(20.0, 12.0)] as $unfit) {
            self::assertSame('outlet-1', $port($drawn('header', $unfit), 'header')->id);
        }
        $full = ['ports' => array_fill(0, PlannedTank::MOST_PORTS, $port($header, 'header'))];
        $full['ports'] = array_map(static fn (PlannedPort $one, int $of): PlannedPort => PartFields::changed($one, ['id' => 'vent-'.$of, 'role' => PortRole::Vent]), $full['ports'], array_keys($full['ports']));
        $this->expectExceptionMessage('as many ports as it can have');
        $drawn('header', $full);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'nothing that can be done' => [['do' => 'paint'], '/do', '“paint”'];
        yield 'no such pipe' => [['do' => 'into', 'pipe' => 'pipe-99', 'part' => 'drain-12'], '/pipe', 'no pipe “pipe-99”'];
        yield 'no such part in the catalogue' => [['do' => 'into', 'pipe' => 'pipe-1', 'part' => 'gold-tap'], '/part', 'no part “gold-tap”'];
        yield 'a tap has no way through' => [['do' => 'into', 'pipe' => 'pipe-1', 'part' => 'tap-galley'], '/part', 'branch it off'];
        yield 'another sort in its place' => [['do' => 'swap', 'part' => 'tap-1', 'stock' => 'pump-7'], '/stock', 'cannot replace'];
        yield 'what stands at an end is not moved' => [['do' => 'move', 'part' => 'tap-1', 'pipe' => 'pipe-1'], '/part', 'branch it off elsewhere'];
        yield 'a port that is not there' => [['do' => 'after', 'port' => 'tap-1.out', 'part' => 'drain-12'], '/port', 'pump-1.out'];
        yield 'what nobody asked for' => [['do' => 'turn', 'part' => 'tap-1', 'twice' => 'yes'], '/twice', 'not known here'];
    }

    /** @param array<string, string> $edit */
    #[DataProvider('refusals')]
    public function testSaysWhatCannotBeDone(array $edit, string $pointer, string $words): void
    {
        try {
            self::done($edit, SampleLines::of(SystemType::Pressure)->plan);
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->errors[0]->pointer);
            self::assertStringContainsString($words, $e->errors[0]->message);

            return;
        }
        self::fail('It was done.');
    }

    public function testAnotherSystemTypeKeepsWhatItHasAPlaceForAndSaysWhatItDrops(): void
    {
        $line = SampleLines::of(SystemType::Mains)->changed('Galley tap', ['name' => 'Blue tap', 'zM' => 1.7]);
        $laid = SystemLine::lay($line->plan, SampleLines::book()->page(SystemType::Pressure), SampleLines::stock()) ?? self::fail('It can be laid.');
        $kept = array_column($laid->plan->line->parts, null, 'id')['tap-1'];
        self::assertSame(['Blue tap', 1.7], [$kept->name, $kept->zM]);
        self::assertSame(['Accumulator', 'Mains inlet with a cap'], $laid->dropped);
        foreach (SystemOffer::all($line->plan, SampleLines::book(), SampleLines::stock()) as $offer) {
            self::assertSame($offer->system, $offer->patch?->applyTo($line->plan)->line->system);
        }
    }
}
