<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drain\HandWork;
use YardCask\Core\Stage\Line\Drain\LeftWater;
use YardCask\Core\Stage\Line\Drawing\LineDrawing;
use YardCask\Core\Tests\SamplePlans;

/** What stays in a line when it is drained, by hand: a metre of 12 mm pipe holds 113.1 mL. */
final class LeftWaterTest extends TestCase
{
    private const LITRES_PER_M = \M_PI / 4 * 0.012 ** 2 * 1000;
    /** Its cold port is at 0.65 m; it stands like a cube. */
    private const HEATER_HIGH_M = 0.01 ** (1 / 3);

    /**
     * Every line begins behind a non-return valve at 0.9 m on the pipe from the tank, so that nothing runs back.
     *
     * @return iterable<string, array{list<string>, list<string>, float}> parts as “id kind z”, pipes as “from to” with the heights of points between, and the litres left
     */
    public static function lines(): iterable
    {
        $m = self::LITRES_PER_M;
        $heater = ['heater storage_heater 0.65', 'tap tap 1.0'];
        yield 'a riser to a tap stays full without a drain' => [['tap tap 1.4'], ['check.out tap.in'], 0.5 * $m];
        yield 'a tap below is a drain' => [['tap tap 0.4'], ['check.out tap.in'], 0.0];
        yield 'a shower’s hose hangs open' => [['rose shower 0.3'], ['check.out rose.hot'], 0.0];
        yield 'a washer’s valve is shut' => [['washer washer 0.3'], ['check.out washer.in'], 0.6 * $m];
        yield 'a drain at its end' => [['drain drain_valve 0.5', 'tap tap 1.4'], ['check.out drain.in', 'drain.out tap.in'], 0.0];
        yield 'below the drain' => [['drain drain_valve 0.5', 'tap tap 0.7'], ['check.out drain.in', 'drain.out tap.in 0.3'], 0.2 * $m + 0.2 * $m];
        yield 'past a high point' => [['drain drain_valve 0.5', 'cap cap 0.6'], ['check.out drain.in', 'drain.out cap.in 1.2'], 0.6 * $m];
        yield 'past a high point to another drain' => [
            ['drain drain_valve 0.5', 'low drain_valve 0.6'],
            ['check.out drain.in', 'drain.out low.in 1.2'],
            0.0,
        ];
        yield 'two sags' => [
            ['drain drain_valve 0.5', 'tap tap 1.0'],
            ['check.out drain.in', 'drain.out tap.in 0.4 0.8 0.6'],
            // 0.1 m down and up again, then 0.2 m down and up.
            (0.2 + 0.4) * $m,
        ];
        yield 'a store without a drain' => [$heater, ['check.out heater.in', 'heater.out tap.in'], 10.0 + 0.25 * $m + 0.35 * $m];
        yield 'a store with a drain at its cold port' => [
            [...$heater, 'drain drain_valve 0.6'],
            ['check.out drain.in', 'drain.out heater.in', 'heater.out tap.in'],
            0.0,
        ];
        yield 'a store with its drain 50 mm too high' => [
            [...$heater, 'drain drain_valve 0.7'],
            ['check.out drain.in', 'drain.out heater.in', 'heater.out tap.in'],
            10.0 * 0.05 / self::HEATER_HIGH_M + 0.05 * $m + 0.05 * $m,
        ];
        yield 'a store with a drain in its hot pipe' => [
            [...$heater, 'drain drain_valve 0.5'],
            ['check.out heater.in', 'heater.out drain.in', 'drain.out tap.in'],
            // The store runs out at its top only; so far the cold pipe stands full as well.
            10.0 + self::HEATER_HIGH_M * $m,
        ];
        yield 'a vessel whose air is lost' => [
            ['vessel accumulator 0.9', 'tap tap 0.4'],
            ['check.out vessel.in', 'vessel.out tap.in'],
            0.5 * 2.0,
        ];
        yield 'an exchanger above its drain' => [
            ['heat exchanger 0.7', 'drain drain_valve 0.6', 'tap tap 1.0'],
            ['check.out drain.in', 'drain.out heat.in', 'heat.out tap.in'],
            0.0,
        ];
        yield 'an exchanger below its drain' => [
            ['heat exchanger 0.5', 'drain drain_valve 0.6', 'tap tap 1.0'],
            ['check.out drain.in', 'drain.out heat.in', 'heat.out tap.in'],
            0.3 + 0.1 * $m + 0.1 * $m,
        ];
    }

    /**
     * @param list<string> $parts
     * @param list<string> $pipes
     */
    #[DataProvider('lines')]
    public function testStaysBelowTheLowestWayOut(array $parts, array $pipes, float $litres): void
    {
        self::assertEqualsWithDelta($litres, self::left(self::plan($parts, $pipes))->litres(), 1e-9);
    }

    /** Turned round, a heater's cold port is the one that is its outlet otherwise. */
    public function testAHeaterThatIsTurnedRoundHoldsAsMuch(): void
    {
        $heaters = 0;
        foreach (self::lines() as $name => [$parts, $pipes, $litres]) {
            $turned = static fn (string $text): string => strtr($text, ['heater.in' => 'heater.out', 'heater.out' => 'heater.in']);
            $document = self::plan($parts, array_map($turned, $pipes))->document();
            foreach ($document->line->parts as $part) {
                $part->reversed = 'heater' === $part->id;
                $heaters += $part->reversed ? 1 : 0;
            }
            self::assertEqualsWithDelta($litres, self::left(Plan::read($document))->litres(), 1e-9, $name);
        }
        self::assertGreaterThan(2, $heaters);
    }

    public function testAHoseIsLiftedOutOfACanButNotOutOfATank(): void
    {
        $plan = self::plan(['tap tap 1.4'], ['check.out tap.in'], 0.2);
        // From the outlet of the tank down to the sag and up again to the valve.
        self::assertGreaterThan(0.0, self::left($plan)->litres() - 0.5 * self::LITRES_PER_M);
        $can = Plan::read(SamplePlans::patched($plan, '[{"op":"replace","path":"/tanks/0/form","value":"can"}]'));
        self::assertEqualsWithDelta(0.5 * self::LITRES_PER_M, self::left($can)->litres(), 1e-9);
    }

    public function testBowlsAreUnscrewedAndPumpsRunDryAndTheDrainsFixReachesTheStore(): void
    {
        foreach (SystemType::cases() as $system) {
            $plan = SampleLines::of($system)->plan;
            foreach (self::left($plan)->byHand() as $one) {
                self::assertInstanceOf(HandWork::class, $one->byHand);
                self::assertGreaterThan(0.0, $one->litres);
            }
            // On a shelf stands a can, which is tipped out; here it is a tank.
            if (SystemType::CanGravity !== $system) {
                self::assertLessThanOrEqual(0.02, self::left($plan)->litres(), $system->value.' drains as it is proposed.');
            }
        }
    }

    public function testTheDrainCardNamesTheTrapsAndWhatFrostBreaks(): void
    {
        $steps = static function (Plan $plan): string {
            $drawing = Assessor::drawn($plan, 'line')?->drawing;
            self::assertInstanceOf(LineDrawing::class, $drawing);
            $cards = array_column($drawing->modes, null, 'id');

            return implode("\n", $cards['drain']->steps);
        };
        $plan = SampleLines::of(SystemType::StorageHeater)->plan;
        self::assertStringContainsString('Empty the traps below the ', $steps($plan));
        self::assertStringContainsString("about 250\u{00A0}mL each", $steps($plan));
        $uses = array_map(static fn (PlannedUse $use): PlannedUse => PartFields::changed($use, ['drainsTo' => PlannedUse::NOTHING]), $plan->use->uses);
        $dry = PartFields::changed($plan, ['use' => PartFields::changed($plan->use, ['uses' => $uses])]);
        self::assertStringNotContainsString('trap', $steps($dry));
        // What a hand empties has a step of its own.
        $frost = 'Frost breaks these first: make sure that the storage heater, the mixing valve, the sparing hand shower and the galley mixer are empty';
        self::assertStringContainsString($frost, $steps($plan));
        self::assertStringNotContainsString('Frost breaks', $steps(SampleLines::of(SystemType::Pressure)->plan));
    }

    /** Pipes cut into short pieces, between which water spreads downhill until nothing moves any more. */
    public function testPiecesOfRandomLinesRunOutAsTheSillsSay(): void
    {
        $stayed = 0;
        foreach ([SystemType::Pressure, SystemType::Gravity, SystemType::StorageHeater, SystemType::Exchanger, SystemType::TwoValves] as $number => $system) {
            $random = new Randomizer(new Mt19937(19 + $number));
            for ($round = 0; $round < 8; ++$round) {
                $document = SampleLines::of($system)->plan->document();
                foreach ($document->line->parts as $part) {
                    $part->z_m = $random->getInt(30, 150) / 100;
                }
                foreach ($document->line->pipes as $pipe) {
                    for ($point = $random->getInt(0, 3); $point > 0; --$point) {
                        $pipe->points[] = (object) ['id' => $pipe->id.'-'.$point, 'name' => 'Point '.$point, 'x_m' => 1.0, 'y_m' => 0.0, 'z_m' => $random->getInt(10, 160) / 100];
                    }
                }
                $plan = Plan::read($document);
                $litres = self::left($plan)->litres();
                self::assertEqualsWithDelta(LeftInPieces::litres($plan), $litres, 0.01 + 0.02 * $litres, $system->value.' '.$round);
                $stayed += $litres > 0.1 ? 1 : 0;
            }
        }
        self::assertGreaterThan(20, $stayed);
    }

    /**
     * @param list<string> $parts
     * @param list<string> $pipes
     */
    private static function plan(array $parts, array $pipes, ?float $sagM = null): Plan
    {
        $document = SamplePlans::fellside()->document();
        $sag = null === $sagM ? '' : ' '.$sagM;
        $document->line = (object) [
            'parts' => array_map(self::part(...), ['check non_return 0.9', ...$parts]),
            'pipes' => array_map(
                static fn (string $pipe, int $index): object => self::pipe($pipe, $index, array_column(array_map(self::part(...), ['check non_return 0.9', ...$parts]), 'z_m', 'id')),
                [$document->tanks[0]->id.'.'.$document->tanks[0]->id.'-outlet check.in'.$sag, ...$pipes],
                range(0, \count($pipes)),
            ),
        ];

        return Plan::read($document);
    }

    private static function part(string $said): object
    {
        [$id, $kind, $zM] = explode(' ', $said);
        $figures = match ($kind) {
            'storage_heater' => '{"family":"heater","rated_lpm":12,"rated_kpa":5,"watts":800,"hot_c":65,"litres":10}',
            'exchanger' => '{"family":"heater","rated_lpm":8,"rated_kpa":18,"watts":8000,"hot_c":80,"litres":0}',
            'accumulator' => '{"family":"vessel","volume_l":2,"precharge_kpa":0}',
            'tap', 'washer', 'shower' => '{"family":"outlet","open_lpm":6,"least_lpm":2,"most_lpm":8,"least_kpa":20}',
            'non_return' => '{"family":"pass","rated_lpm":12,"rated_kpa":5}',
            default => '{"family":"plain"}',
        };

        return (object) Json::decode(\sprintf(
            '{"id":"%1$s","name":"%1$s","kind":"%2$s","rating_kpa":600,"rating_c":90,"food_grade":true,"weight_kg":0,"price":0,"figures":%4$s,"z_m":%3$s,"reversed":false}',
            $id,
            $kind,
            $zM,
            $figures,
        ));
    }

    /** @param array<string, float> $heights of the parts, by id */
    private static function pipe(string $said, int $index, array $heights): object
    {
        $words = explode(' ', $said);
        $points = array_map('floatval', \array_slice($words, 2));
        $ends = array_map(static fn (string $port): float => $heights[strtok($port, '.')] ?? 0.0, [$words[0], $words[1]]);
        $lengthM = 0.0;
        foreach ([...$points, $ends[1]] as $number => $zM) {
            $lengthM += abs($zM - [$ends[0], ...$points][$number]);
        }

        return (object) [
            'id' => 'p'.$index, 'name' => 'p'.$index, 'from' => $words[0], 'to' => $words[1], 'bore_mm' => 12, 'rating_kpa' => 600, 'rating_c' => 60,
            'food_grade' => true, 'weight_kg' => 0, 'price' => 0, 'wave_mps' => 400, 'stretch_l' => 0, 'length_m' => max(0.02, $lengthM),
            'points' => array_map(
                static fn (float $zM, int $number): object => (object) ['id' => 'q'.$number, 'name' => 'q'.$number, 'x_m' => 1.0, 'y_m' => 0.0, 'z_m' => $zM],
                $points,
                array_keys($points),
            ),
        ];
    }

    private static function left(Plan $plan): LeftWater
    {
        return Workings::over($plan)->of(LeftWater::class);
    }
}
