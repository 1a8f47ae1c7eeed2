<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Stage;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Each finding: when it is made, when it is not, and that each of its fixes clears it. */
final class FindingsTest extends TestCase
{
    private const MAIN_ONLY = '{"op":"remove","path":"/tanks/1"}';

    /**
     * @return iterable<string, array{string, string, string, string, int}> code, rig, the patch that makes it, one just short of it, and the least
     *                                                                      number of fixes
     */
    public static function findings(): iterable
    {
        $set = static fn (string $path, mixed $value): string => Json::encode(['op' => 'replace', 'path' => $path, 'value' => $value]);
        $add = static fn (string $path, mixed $value): string => Json::encode(['op' => 'add', 'path' => $path, 'value' => $value]);
        $weighed = static fn (string $rig): string => 'trailer' === $rig
            ? $add('/load/rig/weighed_kg', 980).','.$add('/load/rig/nose_weighed_kg', 70)
            : $add('/load/rig/axles/0/weighed_kg', 1350).','.$add('/load/rig/axles/1/weighed_kg', 1330);
        $van = $weighed('van').',';
        $trailer = $weighed('trailer').',';
        $thing = static fn (string $need, float $x, float $y, float $z): string => $add(
            '/load/things/-',
            [
                'id' => 'thing',
                'name' => 'Box',
                'need' => $need,
                'length_mm' => 100,
                'width_mm' => 50,
                'height_mm' => 100,
                'x_m' => $x,
                'y_m' => $y,
                'z_m' => $z,
            ],
        );
        $vent = static fn (float $mm): string => $add(
            '/tanks/0/ports/-',
            ['id' => 'breather', 'name' => 'Breather', 'role' => 'vent', 'face' => 'top', 'along_mm' => 50, 'up_mm' => 50, 'bore_mm' => $mm, 'room_mm' => 0, 'drilled' => true],
        );
        $overflow = static fn (string $id, float $upMm): string => $add(
            '/tanks/0/ports/-',
            ['id' => $id, 'name' => $id, 'role' => 'overflow', 'face' => 'right', 'along_mm' => 300, 'up_mm' => $upMm, 'bore_mm' => 16, 'room_mm' => 0, 'drilled' => true],
        );
        $mains = $add(
            '/line/parts/-',
            [
                'id' => 'mains-1',
                'name' => 'Mains',
                'kind' => 'mains_inlet',
                'rating_kpa' => 1000,
                'rating_c' => 60,
                'food_grade' => true,
                'weight_kg' => 0.4,
                'price' => 33,
                'figures' => ['family' => 'inlet', 'most_kpa' => 350],
                'z_m' => 1,
                'reversed' => false,
            ],
        ).','.$set('/line/pipes/1/from', 'mains-1.out');
        $rows = [
            ['use.short', 'van', $set('/use/days', 3.2), $set('/use/days', 3), 4],
            ['use.short', 'pickup', $set('/tanks', []), $set('/use/days', 2), 1],
            ['use.drinking-missing', 'van', '{"op":"remove","path":"/use/uses/0"}', $set('/use/uses/0/supply', 'main'), 2],
            ['use.drinking-short', 'van', $set('/use/uses/0/litres', 3.5), $set('/use/uses/0/litres', 3), 2],
            ['use.can-enough', 'van', $set('/use/crew', 1).','.$set('/use/days', 1), $set('/use/crew', 1).','.$set('/use/days', 2), 1],
            ['use.can-enough', 'van', $set('/use/crew', 1).','.$set('/use/stay', 'sites'), $set('/use/crew', 1), 1],
            ['tanks.oversized', 'van', $set('/tanks/0/length_mm', 1700), $set('/tanks/0/length_mm', 1200), 1],
            ['load.gross-over', 'van', $van.$set('/load/rig/gross_limit_kg', 2900), $set('/load/rig/gross_limit_kg', 3000), 1],
            ['load.front-over', 'van', $van.$set('/load/rig/axles/0/limit_kg', 1510), $set('/load/rig/axles/0/limit_kg', 1560), 1],
            ['load.rear-over', 'van', $van.$set('/load/rig/axles/1/limit_kg', 1430), $set('/load/rig/axles/1/limit_kg', 1500), 1],
            [
                'load.nose-over',
                'trailer',
                $trailer.$set('/load/rig/nose_limit_kg', 75).','.$set('/tanks/0/x_m', 3).','.$set('/load/loads/0/kg', 0).','.self::MAIN_ONLY,
                $set('/load/rig/nose_limit_kg', 80),
                1,
            ],
            ['load.axle-over', 'trailer', $trailer.$set('/load/rig/axles/0/limit_kg', 1040), $set('/load/rig/axles/0/limit_kg', 1110), 1],
            [
                'load.gross-over-full',
                'van',
                $van.$set('/load/rig/gross_limit_kg', 2950).','.$set('/load/travel_fill', 0.3),
                $set('/load/rig/gross_limit_kg', 2980),
                0,
            ],
            ['load.rear-over-full', 'van', $van.$set('/load/rig/axles/1/limit_kg', 1430).','.$set('/load/travel_fill', 0.3), $set('/load/travel_fill', 0.3), 0],
            [
                'load.front-over-full',
                'van',
                $van.$set('/load/rig/axles/0/limit_kg', 1520).','.$set('/load/travel_fill', 0.1),
                $set('/load/travel_fill', 0.1),
                1,
            ],
            [
                'load.nose-over-full',
                'trailer',
                $trailer.$set('/load/rig/nose_limit_kg', 86).','.$set('/tanks/0/x_m', 2.5).','.$set('/load/travel_fill', 0.2),
                $set('/tanks/0/x_m', 2.5),
                1,
            ],
            [
                'load.axle-over-full',
                'trailer',
                $trailer.$set('/load/rig/axles/0/limit_kg', 1040).','.$set('/load/travel_fill', 0.1),
                $set('/load/travel_fill', 0.1),
                1,
            ],
            ['load.nose-light', 'trailer', $set('/tanks/0/x_m', 4.4), $set('/tanks/0/x_m', 3.6), 1],
            ['load.estimate-tight', 'van', $set('/load/rig/axles/1/limit_kg', 1500), $set('/load/rig/axles/1/limit_kg', 1500).','.$weighed('van'), 1],
            ['load.estimate-tight', 'trailer', $set('/load/rig/gross_limit_kg', 1190), $set('/load/rig/gross_limit_kg', 1190).','.$weighed('trailer'), 1],
            ['load.not-weighed', 'van', '', $weighed('van'), 0],
            ['load.not-weighed', 'trailer', $add('/load/rig/weighed_kg', 980), $weighed('trailer'), 0],
            ['load.reserve-thin', 'van', $van.$set('/load/rig/gross_limit_kg', 3030), $set('/load/rig/gross_limit_kg', 3100), 1],
            ['load.side-difference', 'fellside', $set('/load/loads/2/y_m', 0.9), $set('/load/loads/2/y_m', 0.2), 1],
            [
                'load.tyre-over',
                'fellside',
                $set('/load/rig/axles/1/limit_kg', 2200).','.$add('/load/rig/axles/1/tyre_kg', 960).','.$set('/load/loads/2/y_m', 0.2),
                $set('/load/rig/axles/1/limit_kg', 2200).','.$add('/load/rig/axles/1/tyre_kg', 1000).','.$set('/load/loads/2/y_m', 0.2),
                1,
            ],
            ['load.tyre-over', 'bothy', $add('/load/rig/axles/0/tyre_kg', 540), $add('/load/rig/axles/0/tyre_kg', 600), 0],
            ['load.heel', 'boat', $set('/tanks/0/y_m', -0.9), $set('/tanks/0/y_m', -0.2), 1],
            ['load.stability-thin', 'boat', $set('/load/rig/gm_m', 0.3512), $set('/load/rig/gm_m', 0.4), 1],
            // 160 kg · m on 2000 kg at 10°: 0.454 m.
            ['load.stability-thin', 'boat', $set('/load/rig/displacement_kg', 2000).','.$set('/load/rig/gm_m', 0.4545), $set('/load/rig/displacement_kg', 2000).','.$set('/load/rig/gm_m', 0.5), 0],
            ['tanks.outlet-high', 'van', $set('/tanks/0/outlet_height_mm', 30), $set('/tanks/0/outlet_height_mm', 27), 1],
            ['tanks.overflow-low', 'van', $set('/tanks/0/overflow_height_mm', 320), $set('/tanks/0/overflow_height_mm', 323), 1],
            ['tanks.outside', 'van', $set('/tanks/0/x_m', 4.9), $set('/tanks/0/x_m', 4.4), 1],
            ['tanks.outside', 'van', $set('/tanks/0/y_m', -0.9), $set('/tanks/0/y_m', -0.8), 1],
            ['tanks.outside', 'van', $set('/tanks/0/z_m', 2.3), $set('/tanks/0/z_m', 2.2), 1],
            ['tanks.collide', 'van', $set('/tanks/1/x_m', 2.3).','.$set('/tanks/1/y_m', -0.65), $set('/tanks/1/x_m', 4), 1],
            ['use.drain-missing', 'fellside', $set('/use/uses/2/drains_to', 'gone'), $set('/use/uses/2/drains_to', 'outside'), 2],
            ['use.drain-missing', 'fellside', $set('/tanks/2/holds', 'fresh'), $set('/tanks/2/holds', 'toilet'), 0],
            ['use.drains-outside', 'van', '', $set('/use/uses', []), 1],
            ['load.seat-missing', 'van', $set('/use/crew', 3), $set('/use/crew', 2), 1],
            ['load.outside', 'fellside', $set('/load/loads/0/y_m', 1.3), $set('/load/loads/0/y_m', 0.9), 1],
            ['load.outside', 'van', $set('/load/seats/1/x_m', -1.4), $set('/load/seats/1/x_m', -0.9), 1],
            ['load.outside', 'trailer', $set('/load/loads/0/x_m', -0.2), $set('/load/loads/0/x_m', 0.3), 1],
            [
                'load.over-refilled',
                'fellside',
                $set('/load/travel_fill', 0.6).','.$set('/load/rig/gross_limit_kg', 3420),
                $set('/load/rig/gross_limit_kg', 3700),
                0,
            ],
            // What a nose carries is by the plan’s units, or as the plan says.
            ['load.nose-light', 'trailer', $add('/load/rig/nose_practice', 'heavy'), $add('/load/rig/nose_practice', 'light'), 0],
            ['load.nose-light', 'trailer', $set('/units/mass', 'lb').','.$set('/units/volume', 'US gal'), $set('/units/mass', 'lb').','.$set('/units/volume', 'imp gal'), 0],
            [
                'load.nose-light',
                'trailer',
                $set('/load/loads/0/x_m', 5.2).','.$set('/load/loads/0/kg', 45).','.$set('/tanks/0/x_m', 1.7),
                $set('/tanks/0/x_m', 3.2),
                1,
            ],
            ['load.steering-light', 'van', $set('/load/rig/axles/0/estimated_kg', 150), $set('/load/rig/axles/0/estimated_kg', 800), 0],
            ['load.heights-not-counted', 'boat', '', $add('/load/rig/draught_m', 0.9), 0],
            ['tanks.too-low', 'van', $set('/tanks/0/z_m', 0.1), $set('/tanks/0/z_m', 0.2), 1],
            ['tanks.through-floor', 'van', $set('/tanks/0/z_m', 0.4), $set('/tanks/0/z_m', 0.64), 1],
            ['tanks.out-of-bay', 'fellside', $set('/load/rig/axles/1/limit_kg', 2200).','.$set('/tanks/0/x_m', 4), $set('/tanks/0/x_m', 4.2), 1],
            ['tanks.out-of-bay', 'bus', $set('/tanks/0/width_mm', 600), $set('/tanks/0/width_mm', 510), 1],
            ['tanks.obstructed', 'fellside', $set('/load/rig/axles/1/limit_kg', 2200).','.$set('/tanks/0/x_m', 4.1), $set('/tanks/0/x_m', 4.165), 1],
            ['tanks.obstructed', 'fellside', $set('/tanks/1/x_m', 3.4), $set('/tanks/1/x_m', 3.2), 1],
            ['tanks.opening-small', 'fellside', $set('/bays/0/opening_height_mm', 350), $set('/bays/0/opening_height_mm', 360), 0],
            [
                'tanks.opening-small',
                'fellside',
                $set('/bays/0/opening_height_mm', 350).','.$set('/bays/2/height_mm', 900).','.$set('/bays/2/obstructions', []),
                $set('/bays/0/opening_height_mm', 360),
                1,
            ],
            ['tanks.bay-guessed', 'van', '', $set('/bays/0/taped', true), 0],
            ['tanks.frost-below-outlet', 'fellside', $set('/tanks/2/outlet_height_mm', 10), $set('/tanks/2/outlet_height_mm', 3), 0],
            ['tanks.port-blocked', 'fellside', $set('/tanks/0/ports/2/room_mm', 80), $set('/tanks/0/ports/2/room_mm', 55), 1],
            ['tanks.unvented', 'fellside', '{"op":"remove","path":"/tanks/0/ports/1"}', $set('/tanks/0/ports/0/role', 'vent'), 1],
            ['tanks.overflow-low', 'van', $overflow('a', 260).','.$overflow('b', 265), $overflow('a', 335).','.$overflow('b', 338), 1],
            ['tanks.hose-obstructed', 'fellside', $thing('clear', 4.025, -0.89, 1.08), $thing('clear', 4.025, -0.75, 1.08), 1],
            ['tanks.hose-near-hot', 'fellside', $thing('hot', 4.2, -0.9, 1.2), $thing('hot', 4.3, -0.9, 1.2), 0],
            [
                'tanks.vent-submerged',
                'fellside',
                $set('/tanks/0/ports/1/face', 'left').','.$set('/tanks/0/ports/1/up_mm', 330),
                $set('/tanks/0/ports/1/face', 'left').','.$set('/tanks/0/ports/1/up_mm', 340),
                1,
            ],
            ['tanks.vent-low', 'fellside', $set('/runs/1/points/0/z_m', 1), $set('/runs/1/points/0/z_m', 1.03), 1],
            ['tanks.open-end-spills', 'fellside', $set('/runs/1/points/0/x_m', 4.1), $set('/runs/1/points/0/x_m', 4.6), 1],
            [
                'tanks.open-end-spills',
                'fellside',
                $set('/runs/0/points/0/z_m', 1.0).','.$set('/runs/0/end', 'door'),
                $set('/runs/0/points/0/z_m', 1.0).','.$set('/runs/0/end', 'outside'),
                1,
            ],
            ['tanks.fill-low', 'fellside', $set('/runs/0/points/0/z_m', 1.06), $set('/runs/0/points/0/z_m', 1.065), 1],
            ['tanks.fill-low', 'fellside', $set('/runs/0/points/0/z_m', 1.06), $set('/runs/0/points/0/z_m', 0.4).','.$set('/runs/0/end', 'bucket'), 1],
            [
                'tanks.unvented',
                'fellside',
                '{"op":"remove","path":"/tanks/0/ports/1"}',
                '{"op":"remove","path":"/tanks/0/ports/1"},'.$set('/tanks/0/form', 'bag'),
                1,
            ],
            ['tanks.run-dips', 'prompt-side', $set('/runs/0/points/1/z_m', 1.40), $set('/runs/0/points/1/z_m', 1.53), 1],
            // In a corner, on a slope of 8 % both ways: (19 + 0.08 × 50)³ ÷ (6 × 0.08²) mm³ is 0.32 L.
            ['tanks.drain-high', 'fellside', $set('/tanks/0/ports/2/up_mm', 25.5), $set('/tanks/0/ports/2/up_mm', 25), 1],
            ['tanks.drain-high', 'fellside', $set('/tanks/0/ports/2/along_mm', 185).','.$set('/tanks/0/ports/2/up_mm', 25), $set('/tanks/0/ports/2/up_mm', 25), 1],
            ['tanks.over-dry', 'fellside', $thing('dry', 4.4, -0.7, 0.3), $thing('dry', 4.4, -0.4, 0.3), 0],
            ['tanks.over-dry', 'prompt-side', $thing('dry', 2.0, -1.1, 0.5), $thing('dry', 2.0, -1.1, 1.6), 0],
            ['tanks.near-hot', 'fellside', $thing('hot', 1.5, 0.45, 0.4), $thing('hot', 1.3, 0.45, 0.4), 0],
            ['tanks.obstructed', 'fellside', $thing('clear', 1.6, 0.45, 0.4), $thing('clear', 1.4, 0.45, 0.4), 0],
            ['tanks.fill-backs-up', 'fellside', $add('/runs/0/narrowest_mm', 10), $add('/runs/0/narrowest_mm', 25), 2],
            [
                'tanks.vent-thin',
                'fellside',
                $set('/runs/0/end', 'valve').','.$set('/tanks/0/ports/1/bore_mm', 6),
                $set('/runs/0/end', 'valve').','.$set('/tanks/0/ports/1/bore_mm', 13),
                2,
            ],
            ['tanks.vent-thin', 'fellside', $add('/tanks/0/wall_kpa', 2.9), $add('/tanks/0/wall_kpa', 3), 1],
            ['tanks.vent-thin', 'bothy', $vent(5), $vent(16), 1],
            ['tanks.overflow-small', 'bothy', $mains.','.$vent(5), $mains.','.$vent(25), 1],
            ['tanks.sealed', 'bothy', $mains, $mains.','.$vent(25), 1],
            ['tanks.unvented', 'bothy', '', $vent(16), 1],
            ['tanks.drain-capped', 'fellside', $set('/runs/2/end', 'cap'), $set('/runs/2/end', 'valve'), 1],
            ['tanks.drain-capped', 'fellside', '{"op":"remove","path":"/runs/2"}', $set('/runs/2/end', 'open'), 1],
            ['tanks.drain-missing', 'fellside', '', $set('/tanks/2/holds', 'toilet'), 1],
            ['tanks.unrestrained', 'van', '{"op":"remove","path":"/tanks/0/straps"}', '', 1],
            // Straps over its lid hold it by friction: 0.3 of what they pull.
            [
                'tanks.strap-weak',
                'van',
                $set('/tanks/0/held_by', 'over_lid').','.$add('/tanks/0/strap_holds_kg', 110),
                $set('/tanks/0/held_by', 'straps').','.$add('/tanks/0/strap_holds_kg', 110),
                1,
            ],
            ['tanks.level-unseen', 'fellside', $set('/tanks/0/see_through', false), $set('/tanks/0/see_through', true), 3],
            [
                'tanks.door-small',
                'fellside',
                $add('/load/rig/door_width_mm', 300).','.$add('/load/rig/door_height_mm', 300),
                $add('/load/rig/door_width_mm', 450).','.$add('/load/rig/door_height_mm', 400),
                0,
            ],
            ['tanks.heeled-under', 'petrel', '', $set('/runs/0/points/0/z_m', 1.5), 1],
            ['use.shower-missing', 'petrel', '', $set('/use/uses/4/times', 0), 1],
            [
                'use.flow-differs',
                'fellside',
                $add('/use/uses/4/outlet', 'shower-1').','.$add('/use/uses/4/own_flow', true),
                $add('/use/uses/4/outlet', 'shower-1').','.$add('/use/uses/4/own_flow', true).','.$set('/use/uses/4/flow_lpm', 6.2),
                1,
            ],
            ['use.outlet-missing', 'fellside', $add('/use/uses/4/outlet', 'pump-1'), $add('/use/uses/4/outlet', 'shower-1'), 5],
            ['use.outlet-missing', 'fellside', $add('/use/uses/2/outlet', 'gone'), $add('/use/uses/2/outlet', 'tap-1'), 5],
            ['tanks.unjoined', 'fellside', $set('/tanks/1/poured', false), $set('/tanks/1/poured', true), 1],
            ['tanks.strap-weak', 'fellside', $add('/tanks/0/strap_holds_kg', 50), $add('/tanks/0/strap_holds_kg', 53), 1],
            ['tanks.bay-gone', 'fellside', $set('/tanks/0/bay', 'nowhere'), $set('/tanks/0/bay', 'tail-locker'), 1],
            ['tanks.run-loose', 'fellside', $set('/runs/0/from', 'nowhere'), $set('/runs/0/name', 'Fill'), 1],
            ['tanks.waste-small', 'fellside', $set('/tanks/2/length_mm', 500), $set('/tanks/2/length_mm', 700), 1],
        ];
        foreach ($rows as $number => $row) {
            yield $number.' '.$row[0] => $row;
        }
    }

    #[DataProvider('findings')]
    public function testIsMadeWhenItShouldBeAndItsFixesClearIt(string $code, string $rig, string $making, string $short, int $fixes): void
    {
        $base = SamplePlans::demos()[$rig] ?? SamplePlans::begun(['rig' => $rig]);
        $plan = Plan::read(SamplePlans::patched($base, '['.$making.']'));
        $found = array_values(array_filter(Assessor::assess($plan)->findings, static fn (SentFinding $finding): bool => $code === $finding->code))[0] ?? null;
        self::assertNotNull($found, 'It is not made. Made are: '.implode(', ', self::codes($plan)));
        self::assertNotContains($code, self::codes(Plan::read(SamplePlans::patched($base, '['.$short.']'))), 'It is made too soon.');
        self::assertGreaterThanOrEqual($fixes, \count($found->fixes));
        foreach ($found->fixes as $fix) {
            self::assertHolds($fix, $found, $plan);
        }
    }

    public function testEveryCodeHasACaseAbove(): void
    {
        $covered = array_unique(array_column(iterator_to_array(self::findings(), false), 0));
        $codes = array_merge(...array_map(static fn (Stage $stage): array => array_column($stage->findingCodes()::cases(), 'value'), Assessor::stages()));
        // Those of the line have a table of their own, and those of notes a plan and its records.
        $codes = array_filter($codes, static fn (int|string $code): bool => 1 !== preg_match('/^(line\.|parts\.|use\.note-)/', (string) $code));
        self::assertSame([], array_values(array_diff($codes, $covered)));
    }

    public function testACodeBeginsWithItsStage(): void
    {
        foreach (Assessor::stages() as $stage) {
            foreach ($stage->findingCodes()::cases() as $code) {
                self::assertStringStartsWith($stage->name().'.', (string) $code->value);
            }
        }
    }

    public function testWhateverAPlanHoldsItIsAssessedAndEveryFixClearsWhatItIsFor(): void
    {
        $tried = 0;
        for ($seed = 1; $seed <= 36; ++$seed) {
            $plan = SamplePlans::varied($seed);
            foreach (Assessor::assess($plan)->findings as $finding) {
                foreach ($finding->fixes as $number => $fix) {
                    $mended = self::assertHolds($fix, $finding, $plan, "Plan $seed: ");
                    if (0 === $number && \count($finding->fixes) > 1) {
                        self::assertSame([], self::worsened($plan, $mended), "Plan $seed: {$fix->label} comes first and makes something worse.");
                    }
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    public function testAPatchOnAPartIsRefusedWhereAnotherPartStandsByThen(): void
    {
        $plan = SamplePlans::fellside();
        $fixes = array_merge(...array_map(static fn (SentFinding $finding): array => $finding->fixes, Assessor::assess($plan)->findings));
        $onTanks = array_values(array_filter($fixes, static fn (SentFix $fix): bool => str_contains(Json::encode($fix->patch), '"/tanks/0/')));
        self::assertNotSame([], $onTanks);
        $other = Plan::read(SamplePlans::patched($plan, '[{"op":"remove","path":"/tanks/0"}]'));
        foreach ($onTanks as $fix) {
            self::assertStringStartsWith('[{"op":"test"', Json::encode($fix->patch));
            try {
                $fix->patch->applyTo($other);
                self::fail($fix->label.' was applied to another tank.');
            } catch (InvalidInput $e) {
                self::assertStringContainsString('Another part is here', $e->getMessage());
            }
        }
    }

    public function testTextsAreInThePlansUnits(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/units/volume","value":"imp gal"},{"op":"replace","path":"/units/mass","value":"lb"},{"op":"replace","path":"/units/length","value":"in"}]',
            ),
        );
        $json = str_replace("\u{00A0}", ' ', Json::encode(Assessor::assess($plan)));
        foreach (['3.9 imp gal short for 3 days', '83 lb over its limit', 'Make Tail tank 43 1/2 in long', '10 ft 9 15/16 in'] as $text) {
            self::assertTrue(str_contains($json, $text), $text);
        }
        // Adapters are sold by their sizes.
        $json = str_replace(array_column(SampleLines::stock()->fittings(), 'name'), '', $json);
        self::assertSame(0, preg_match('/(?<!1\.00)\d (?:kg|mm|L)\b(?! can)/', $json, $match), implode('', $match));
    }

    /** @return Plan with the fix applied */
    private static function assertHolds(SentFix $fix, SentFinding $finding, Plan $plan, string $where = ''): Plan
    {
        $effect = new FixEffect($fix, $finding->key, $plan);
        self::assertSame([], $effect->complaints(), $where);

        return $effect->after;
    }

    /** @return list<SentFinding> what is found in a plan without any fix; for one plan worked out once */
    private static function found(Plan $plan): array
    {
        /** @var \WeakMap<Plan, list<SentFinding>>|null $known */
        static $known = null;
        $known ??= new \WeakMap();

        return $known[$plan] ??= Assessor::assess($plan, '-')->findings;
    }

    /** @return list<string> the titles of the stops and shortages that a fix makes, or makes worse by more than rounding hides */
    private static function worsened(Plan $plan, Plan $mended): array
    {
        $before = [];
        foreach (self::found($plan) as $finding) {
            $before[$finding->key] = $finding;
        }
        $worse = [];
        foreach (self::found($mended) as $finding) {
            $was = $before[$finding->key] ?? null;
            if (Severity::Watch !== $finding->severity && 'load.estimate-tight' !== $finding->code && (null === $was || $finding->measure->grownFrom($was->measure) > 2e-4)) {
                $worse[] = $finding->title;
            }
        }

        return $worse;
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_column(self::found($plan), 'code');
    }
}
