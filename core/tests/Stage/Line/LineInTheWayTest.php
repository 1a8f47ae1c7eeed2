<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Rule\LineInTheWay;
use YardCask\Core\Stage\Tanks\Rule\HoseInTheWay;
use YardCask\Core\Tests\SamplePlans;

/** Hoses, pipes and parts beside what stands in the rig: what is placed is judged, and every way round is one. */
final class LineInTheWayTest extends TestCase
{
    /** A pump and a tap 2 m apart on a line through the middle of a rig, 1 m up, the rest of the line nowhere. */
    private static function placed(): SampleLines
    {
        return SampleLines::of(SystemType::Pressure, 'van')
            ->changed('Pressure pump', ['xM' => 1.0, 'yM' => 0.0, 'zM' => 1.0])
            ->changed('Bowl strainer', ['xM' => 3.0, 'yM' => 0.0, 'zM' => 1.0]);
    }

    private static function thing(ThingNeed $need, float $xM, float $yM, float $zM, float $lengthMm = 400.0, float $widthMm = 400.0, float $heightMm = 400.0): PlannedThing
    {
        return new PlannedThing('thing-1', 'Spare wheel', $need, $lengthMm, $widthMm, $heightMm, $xM, $yM, $zM);
    }

    private static function with(Plan $plan, PlannedThing ...$things): Plan
    {
        return PartFields::changed($plan, ['load' => PartFields::changed($plan->load, ['things' => array_values($things)])]);
    }

    /** @return list<string> the codes of what the rule finds, with the part or pipe that it is about */
    private static function found(Plan $plan): array
    {
        return array_map(
            static fn (Finding $one): string => str_replace('line.', '', $one->code->value).' '.$one->subject[0],
            (new LineInTheWay())->check(Workings::over($plan, SampleLines::stock())),
        );
    }

    /** @return iterable<string, array{PlannedThing, list<string>}> */
    public static function things(): iterable
    {
        $pipe = 'pipe-3';
        $pump = 'pressure-pump-1';
        yield 'a spare wheel that the suction hose goes through' => [self::thing(ThingNeed::Clear, 2.0, 0.0, 0.8), ['obstructed '.$pipe]];
        yield 'one that it just goes past' => [self::thing(ThingNeed::Clear, 2.0, 0.2, 0.8), []];
        yield 'one that the pump is inside' => [self::thing(ThingNeed::Clear, 1.0, 0.0, 0.8), ['obstructed '.$pump]];
        yield 'a fuse box below the pump' => [self::thing(ThingNeed::Dry, 1.0, 0.0, 0.2), ['over-dry '.$pump, 'over-dry '.$pipe]];
        yield 'a fuse box below the hose' => [self::thing(ThingNeed::Dry, 2.0, 0.0, 0.2), ['over-dry '.$pipe]];
        yield 'a fuse box above the hose' => [self::thing(ThingNeed::Dry, 2.0, 0.0, 1.1), []];
        yield 'a fuse box that the hose goes through' => [self::thing(ThingNeed::Dry, 2.0, 0.0, 0.8), ['obstructed '.$pipe]];
        yield 'a spare wheel below the hose' => [self::thing(ThingNeed::Clear, 2.0, 0.0, 0.2), []];
        yield 'an exhaust 149 mm from the hose' => [self::thing(ThingNeed::Hot, 2.0, 0.349, 0.8), ['near-hot '.$pipe]];
        yield 'an exhaust 150 mm from it' => [self::thing(ThingNeed::Hot, 2.0, 0.35, 0.8), []];
        yield 'an exhaust near the pump' => [self::thing(ThingNeed::Hot, 0.7, 0.0, 0.8), ['near-hot '.$pump, 'near-hot '.$pipe]];
        yield 'a spare wheel near the pump' => [self::thing(ThingNeed::Clear, 0.7, 0.0, 0.8), []];
    }

    /** @param list<string> $expected */
    #[DataProvider('things')]
    public function testFindsWhatIsInTheWay(PlannedThing $thing, array $expected): void
    {
        self::assertSame($expected, self::found(self::with(self::placed()->plan, $thing)));
    }

    public function testWhatNobodyHasPlacedIsNotJudgedAndIsNamedAsMissing(): void
    {
        $plan = self::with(SampleLines::of(SystemType::Pressure, 'van')->plan, self::thing(ThingNeed::Clear, 2.0, 0.0, 0.8));
        self::assertSame([], self::found($plan));
        $jobs = Assessor::drawn($plan, 'line', SampleLines::stock())?->drawing->toMeasure;
        self::assertStringContainsString(\count($plan->line->parts).' parts have no place in the rig yet, so they and their pipes are not checked against', $jobs[0]);
        self::assertStringContainsString('Spare wheel', $jobs[0]);
        $placed = array_map(static fn (PlannedPart $part): PlannedPart => PartFields::changed($part, ['xM' => 1.0, 'yM' => 0.0]), $plan->line->parts);
        $all = PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => $placed])]);
        self::assertStringNotContainsString('no place', implode(' ', Assessor::drawn($all, 'line', SampleLines::stock())?->drawing->toMeasure ?? []));
    }

    public function testAMeasuredPipeThatIsLongEnoughGoesRound(): void
    {
        $plan = self::with(self::placed()->plan, self::thing(ThingNeed::Clear, 2.0, 0.0, 0.8));
        $measured = static fn (float $m): Plan => PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => array_map(
            static fn (PlannedPipe $pipe): PlannedPipe => 'pipe-3' === $pipe->id ? PartFields::changed($pipe, ['lengthM' => $m]) : $pipe,
            $plan->line->pipes,
        )])]);
        // Past it at 0.2 m and half a hose with its clip: 2 · √(0.8² − … ) and along it, about 2.09 m.
        self::assertSame(['obstructed pipe-3'], self::found($measured(2.0)));
        self::assertSame([], self::found($measured(2.2)));
        // A short one becomes as much longer as the way round is.
        $fixes = SampleLines::fixes($measured(2.0));
        $after = $fixes['line.obstructed pipe-3 thing-1'][0]->patch->applyTo($measured(2.0));
        $pipe = array_column($after->line->pipes, null, 'id')['pipe-3'];
        self::assertEqualsWithDelta(2.08, $pipe->lengthM, 0.04);
        self::assertSame('Past Spare wheel', $pipe->points[0]->name);
    }

    public function testAHeaterOfTheLineIsTheHotThingItself(): void
    {
        $line = SampleLines::of(SystemType::StorageHeater, 'van')
            ->changed('Storage heater', ['xM' => 2.0, 'yM' => 0.0, 'zM' => 1.0])
            ->changed('Mixing valve', ['xM' => 2.4, 'yM' => 0.0, 'zM' => 1.0])
            ->changed('Bowl strainer', ['xM' => 2.05, 'yM' => 0.0, 'zM' => 1.0]);
        self::assertSame(['obstructed strainer-1'], self::found(self::with($line->plan, self::thing(ThingNeed::Hot, 2.0, 0.0, 0.8, 300.0, 300.0, 300.0))));
        self::assertContains('near-hot storage-heater-1', self::found(self::with($line->plan, self::thing(ThingNeed::Hot, 2.25, 0.0, 0.8, 300.0, 300.0, 300.0))));
    }

    /** Random things and places: what is proposed clears its finding, and puts nothing else in the way of a pipe or a part that was clear. */
    public function testEveryWayRoundIsOne(): void
    {
        $random = new Randomizer(new Mt19937(19));
        $tried = 0;
        $base = SampleLines::of(SystemType::StorageHeater, 'van')->plan;
        $keys = static fn (Plan $plan): array => array_map(
            static fn (Finding $one): string => $one->key(),
            (new LineInTheWay())->check(Workings::over($plan, SampleLines::stock())),
        );
        for ($number = 0; $number < 40; ++$number) {
            $plan = self::scattered($base, $random);
            foreach ((new LineInTheWay())->check(Workings::over($plan, SampleLines::stock())) as $finding) {
                foreach (($finding->proposals)() as $fix) {
                    ++$tried;
                    $after = $keys($fix->patch->applyTo($plan));
                    if (str_starts_with($fix->label->key, 'line.fix.')) {
                        self::assertNotContains($finding->key(), $after);
                        continue;
                    }
                    // A pipe that begins in the room around something hot may still come near to it.
                    $same = 'line.near-hot '.$finding->subject[0].' ';
                    $brought = array_filter(array_diff($after, $keys($plan)), static fn (string $key): bool => !str_starts_with($key, $same));
                    self::assertSame([], array_values($brought), $number.' '.$finding->key());
                }
            }
        }
        self::assertGreaterThan(200, $tried);
    }

    private static function scattered(Plan $plan, Randomizer $random): Plan
    {
        $rig = $plan->load->rig;
        [$fromM, $sizes] = [$rig->bodyFromM(), $rig->sizes()];
        $at = static fn (float $low, float $high): float => round($low + ($high - $low) * $random->getInt(0, 1000) / 1000, 3);
        $things = [];
        for ($of = 1; $of <= 4; ++$of) {
            $things[] = new PlannedThing(
                'scattered-'.$of,
                'Thing '.$of,
                ThingNeed::cases()[$random->getInt(0, 2)],
                (float) $random->getInt(80, 700),
                (float) $random->getInt(80, 500),
                (float) $random->getInt(80, 500),
                $at($fromM + 0.4, $fromM + $sizes->lengthM - 0.4),
                $at(-0.6, 0.6),
                $at($sizes->floorM, $sizes->floorM + 1.0),
            );
        }
        $parts = array_map(
            static fn (PlannedPart $part): PlannedPart => PartFields::changed($part, [
                'xM' => $at($fromM + 0.3, $fromM + $sizes->lengthM - 0.3),
                'yM' => $at(-0.8, 0.8),
                'zM' => $at($sizes->floorM + 0.05, $sizes->floorM + 1.2),
            ]),
            $plan->line->parts,
        );

        return self::with(PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['parts' => $parts])]), ...$things);
    }

    /** Only its second stretch, across the rig, is above the fuse box: that is led past it, before or behind. */
    public function testTheStretchThatIsToBlameIsLedRound(): void
    {
        $line = self::placed()->changed('Pressure pump', ['xM' => 3.0, 'yM' => 0.8, 'zM' => 1.0])->changed('Bowl strainer', ['xM' => 1.0, 'yM' => -0.7, 'zM' => 1.0]);
        $line = $line->piped('Pressure pump', 'in', ['points' => [new PlannedRunPoint('p', 'Corner', 3.0, -0.7, 1.0)]]);
        $plan = self::with($line->plan, self::thing(ThingNeed::Dry, 3.0, 0.1, 0.2, 200.0, 400.0));
        $findings = (new LineInTheWay())->check(Workings::over($plan, SampleLines::stock()));
        self::assertSame(['over-dry pipe-3'], self::found($plan));
        $ways = ($findings[0]->proposals)();
        self::assertSame(['front', 'rear'], array_map(static fn (Fix $way): mixed => $way->label->with['side'], \array_slice($ways, 0, 2)));
        foreach (\array_slice($ways, 0, 2) as $way) {
            $after = $way->patch->applyTo($plan);
            self::assertSame([], self::found($after));
            self::assertSame('Corner', array_column($after->line->pipes, null, 'id')['pipe-3']->points[0]->name);
        }
    }

    public function testAPartAboveSomethingDryIsNotMovedHigher(): void
    {
        $plan = self::with(self::placed()->plan, self::thing(ThingNeed::Dry, 1.0, 0.0, 0.2));
        $ways = ((new LineInTheWay())->check(Workings::over($plan, SampleLines::stock()))[0]->proposals)();
        self::assertNotSame([], $ways);
        self::assertNotContains('up', array_map(static fn (Fix $way): mixed => $way->label->with['way'], $ways));
    }

    public function testATanksHoseIsLedRoundToo(): void
    {
        $plan = SamplePlans::fellside();
        $run = $plan->runs[0];
        $tank = $plan->tanks[0];
        // Between its port and its first point, 60 mm long and wide.
        $port = $tank->portFor($tank->ports[0]->role) ?? self::fail('It has a fill.');
        $mm = $port->atMm($tank->body()->sizeMm());
        [$x, $y, $z] = [($tank->body()->low[0] + $mm[0]) / 1000, ($tank->body()->low[1] + $mm[1]) / 1000, ($tank->body()->low[2] + $mm[2]) / 1000];
        $point = $run->points[0];
        $middle = self::thing(ThingNeed::Clear, ($x + $point->xM) / 2, ($y + $point->yM) / 2, ($z + $point->zM) / 2 - 0.03, 60.0, 60.0, 60.0);
        $with = self::with($plan, $middle);
        $findings = (new HoseInTheWay())->check(Workings::over($with, SampleLines::stock()));
        self::assertSame(['tanks.hose-obstructed'], array_map(static fn (Finding $one): string => $one->code->value, $findings));
        self::assertSame([$run->id, 'thing-1'], $findings[0]->subject);
        $ways = ($findings[0]->proposals)();
        self::assertNotSame([], $ways);
        foreach ($ways as $way) {
            self::assertSame([], (new HoseInTheWay())->check(Workings::over($way->patch->applyTo($with), SampleLines::stock())));
        }
    }
}
