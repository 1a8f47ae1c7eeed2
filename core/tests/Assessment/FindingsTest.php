<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Tests\SamplePlans;

/** Each finding: when it is made, when it is not, and that each of its fixes clears it. */
final class FindingsTest extends TestCase
{
    private const MAIN_ONLY = '{"op":"remove","path":"/tanks/2"},{"op":"remove","path":"/tanks/1"}';

    /** @return iterable<string, array{FindingCode, string, string, string, int}> code, rig, the patch that makes it, one just short of it, and the least number of fixes */
    public static function findings(): iterable
    {
        $set = static fn (string $path, mixed $value): string => Json::encode(['op' => 'replace', 'path' => $path, 'value' => $value]);
        $add = static fn (string $path, mixed $value): string => Json::encode(['op' => 'add', 'path' => $path, 'value' => $value]);
        $weighed = static fn (string $rig): string => 'trailer' === $rig ? $add('/load/rig/weighed_kg', 980).','.$add('/load/rig/nose_weighed_kg', 70) : $add('/load/rig/front/weighed_kg', 1350).','.$add('/load/rig/rear/weighed_kg', 1330);
        $rows = [
            [FindingCode::UseShort, 'van', $set('/use/days', 3.2), $set('/use/days', 3), 4],
            [FindingCode::UseShort, 'pickup', $set('/tanks', []), $set('/use/days', 2), 1],
            [FindingCode::DrinkingMissing, 'van', '{"op":"remove","path":"/use/uses/0"}', $set('/use/uses/0/supply', 'main'), 2],
            [FindingCode::DrinkingShort, 'van', $set('/use/uses/0/litres', 3.5), $set('/use/uses/0/litres', 3), 2],
            [FindingCode::CanEnough, 'van', $set('/use/crew', 1).','.$set('/use/days', 1), $set('/use/crew', 1).','.$set('/use/days', 2), 1],
            [FindingCode::CanEnough, 'van', $set('/use/crew', 1).','.$set('/use/stay', 'sites'), $set('/use/crew', 1), 1],
            [FindingCode::TankOversized, 'van', $set('/tanks/0/length_mm', 1700), $set('/tanks/0/length_mm', 1200), 1],
            [FindingCode::GrossOver, 'van', $set('/load/rig/gross_limit_kg', 2900), $set('/load/rig/gross_limit_kg', 3000), 1],
            [FindingCode::FrontOver, 'van', $set('/load/rig/front/limit_kg', 1510), $set('/load/rig/front/limit_kg', 1560), 1],
            [FindingCode::RearOver, 'van', $set('/load/rig/rear/limit_kg', 1430), $set('/load/rig/rear/limit_kg', 1500), 1],
            [FindingCode::NoseOver, 'trailer', $set('/load/rig/nose_limit_kg', 60).','.$set('/tanks/0/x_m', 3).','.$set('/load/loads/0/kg', 0).','.self::MAIN_ONLY, $set('/load/rig/nose_limit_kg', 80), 1],
            [FindingCode::AxleOver, 'trailer', $set('/load/rig/axle_limit_kg', 1040), $set('/load/rig/axle_limit_kg', 1110), 1],
            [FindingCode::GrossOverFull, 'van', $set('/load/rig/gross_limit_kg', 2950).','.$set('/load/travel_fill', 0.3), $set('/load/rig/gross_limit_kg', 2980), 1],
            [FindingCode::RearOverFull, 'van', $set('/load/rig/rear/limit_kg', 1430).','.$set('/load/travel_fill', 0.3), $set('/load/travel_fill', 0.3), 1],
            [FindingCode::FrontOverFull, 'van', $set('/load/rig/front/limit_kg', 1520).','.$set('/load/travel_fill', 0.1), $set('/load/travel_fill', 0.1), 1],
            [FindingCode::NoseOverFull, 'trailer', $set('/load/rig/nose_limit_kg', 86).','.$set('/tanks/0/x_m', 2.5).','.$set('/load/travel_fill', 0.2), $set('/tanks/0/x_m', 2.5), 1],
            [FindingCode::AxleOverFull, 'trailer', $set('/load/rig/axle_limit_kg', 1040).','.$set('/load/travel_fill', 0.1), $set('/load/travel_fill', 0.1), 1],
            [FindingCode::NoseLight, 'trailer', $set('/tanks/0/x_m', 4.4), $set('/tanks/0/x_m', 3.6), 1],
            [FindingCode::EstimateTight, 'van', $set('/load/rig/rear/limit_kg', 1500), $set('/load/rig/rear/limit_kg', 1500).','.$weighed('van'), 1],
            [FindingCode::EstimateTight, 'trailer', $set('/load/rig/gross_limit_kg', 1190), $set('/load/rig/gross_limit_kg', 1190).','.$weighed('trailer'), 1],
            [FindingCode::NotWeighed, 'van', '', $weighed('van'), 0],
            [FindingCode::NotWeighed, 'trailer', $add('/load/rig/weighed_kg', 980), $weighed('trailer'), 0],
            [FindingCode::ReserveThin, 'van', $set('/load/rig/gross_limit_kg', 3030), $set('/load/rig/gross_limit_kg', 3100), 1],
            [FindingCode::SideDifference, 'van', $set('/load/loads/0/y_m', -0.6), $set('/load/loads/0/y_m', 0.6), 1],
            [FindingCode::Heel, 'boat', $set('/tanks/0/y_m', -0.9), $set('/tanks/0/y_m', -0.2), 1],
            [FindingCode::StabilityThin, 'boat', $set('/load/rig/gm_m', 0.1512), $set('/load/rig/gm_m', 0.2), 1],
            [FindingCode::OutletHigh, 'van', $set('/tanks/0/outlet_height_mm', 30), $set('/tanks/0/outlet_height_mm', 27), 1],
            [FindingCode::OverflowLow, 'van', $set('/tanks/0/overflow_height_mm', 320), $set('/tanks/0/overflow_height_mm', 323), 1],
            [FindingCode::TankOutside, 'van', $set('/tanks/0/x_m', 4.9), $set('/tanks/0/x_m', 4.4), 1],
            [FindingCode::TankOutside, 'van', $set('/tanks/0/y_m', -0.9), $set('/tanks/0/y_m', -0.8), 1],
            [FindingCode::TankOutside, 'van', $set('/tanks/0/z_m', 2.3), $set('/tanks/0/z_m', 2.2), 1],
            [FindingCode::TanksCollide, 'van', $set('/tanks/1/x_m', 2.3), $set('/tanks/1/x_m', 4), 1],
        ];
        foreach ($rows as $number => $row) {
            yield $number.' '.$row[0]->value => $row;
        }
    }

    #[DataProvider('findings')]
    public function testIsMadeWhenItShouldBeAndItsFixesClearIt(FindingCode $code, string $rig, string $making, string $short, int $fixes): void
    {
        $base = SamplePlans::begun(['rig' => $rig]);
        $plan = Plan::read(SamplePlans::patched($base, '['.$making.']'));
        $assessment = Assessor::assess($plan);
        $index = array_search($code, array_map(static fn (Finding $finding): FindingCode => $finding->code, $assessment->findings), true);
        self::assertIsInt($index, 'It is not made. Made are: '.implode(', ', self::codes($plan)));
        self::assertNotContains($code->value, self::codes(Plan::read(SamplePlans::patched($base, '['.$short.']'))), 'It is made too soon.');
        self::assertGreaterThanOrEqual($fixes, \count($assessment->fixes[$index]));
        foreach ($assessment->fixes[$index] as $fix) {
            $mended = Plan::read(SamplePlans::patched($plan, Json::encode($fix->patch)));
            self::assertNotContains($code->value, self::codes($mended), $fix->label.' does not clear it.');
            self::assertSame([], array_values(array_diff(self::grave($mended), self::grave($plan))), $fix->label.' brings something dangerous or impossible.');
        }
    }

    public function testEveryCodeHasACaseAbove(): void
    {
        $covered = array_unique(array_map(static fn (array $row): string => $row[0]->value, iterator_to_array(self::findings(), false)));
        self::assertSame([], array_diff(array_column(FindingCode::cases(), 'value'), $covered));
    }

    public function testFixesOfferedForTheDemonstrationBringNothingDangerous(): void
    {
        $plan = SamplePlans::fellside();
        $assessment = Assessor::assess($plan);
        $offered = 0;
        foreach ($assessment->fixes as $number => $fixes) {
            foreach ($fixes as $fix) {
                $codes = self::codes(Plan::read(SamplePlans::patched($plan, Json::encode($fix->patch))));
                self::assertNotContains($assessment->findings[$number]->code->value, $codes, $fix->label);
                ++$offered;
            }
        }
        self::assertGreaterThan(6, $offered);
    }

    public function testWhateverAPlanHoldsItIsAssessedAndEveryFixClearsWhatItIsFor(): void
    {
        $tried = 0;
        for ($seed = 1; $seed <= 120; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $assessment = Assessor::assess($plan);
            foreach ($assessment->fixes as $number => $fixes) {
                foreach ($fixes as $fix) {
                    $mended = Plan::read(SamplePlans::patched($plan, Json::encode($fix->patch)));
                    $left = array_map(static fn (Finding $finding): string => $finding->key(), Assessor::assess($mended)->findings);
                    self::assertNotContains($assessment->findings[$number]->key(), $left, "Plan $seed: {$fix->label}");
                    self::assertSame([], array_values(array_diff(self::grave($mended), self::grave($plan))), "Plan $seed: {$fix->label}");
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(250, $tried);
    }

    public function testTextsAreInThePlansUnits(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/units/volume","value":"imp gal"},{"op":"replace","path":"/units/mass","value":"lb"},{"op":"replace","path":"/units/length","value":"in"}]'));
        $json = str_replace("\u{00A0}", ' ', Json::encode(Assessor::assess($plan)));
        self::assertTrue(str_contains($json, '3.9 imp gal short of 3 days'));
        self::assertTrue(str_contains($json, '74 lb over its limit'));
        self::assertTrue(str_contains($json, 'Make Tail tank 43.7 in long'));
        self::assertSame(0, preg_match('/(?<!1\.00)\d (?:kg|mm|L)\b(?! can)/', $json, $match), implode('', $match));
        self::assertTrue(str_contains($json, 'Each imp gallon adds 13.42 lb there'));
    }

    /** @return list<string> what can hurt someone, and tanks where none can stand */
    private static function grave(Plan $plan): array
    {
        $grave = array_filter(Assessor::assess($plan)->findings, static fn (Finding $finding): bool => Severity::Stop === $finding->code->severity() || \in_array($finding->code, [FindingCode::TankOutside, FindingCode::TanksCollide], true));

        return array_values(array_map(static fn (Finding $finding): string => $finding->key(), $grave));
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code->value, Assessor::assess($plan)->findings);
    }
}
