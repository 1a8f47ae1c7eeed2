<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** How much goes into each tank, in litres, buckets, minutes and on the meter. */
final class FillSlipTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, float>, string|null, float|null, float|null}> what is known of the means, buckets in words, minutes, meter
     */
    public static function means(): iterable
    {
        // 950 × 370 × (345 / 2 − 34) mm³ are 48.682375 L.
        yield 'nothing is known' => [[], null, null, null];
        yield 'a bucket' => [['bucket_l' => 10], '4 buckets and 8.6 L', null, null];
        yield 'a large can' => [['bucket_l' => 60], '48 L', null, null];
        yield 'a hose' => [['hose_lpm' => 12], null, 48.682375 / 12, null];
        yield 'a meter that was never checked' => [['meter_l' => 9], null, null, null];
        yield 'all of them' => [['bucket_l' => 12, 'hose_lpm' => 8, 'meter_l' => 13], '4 buckets and 0.6 L', 48.682375 / 8, 48.682375 * 13 / 12];
    }

    /** @param array<string, float> $means */
    #[DataProvider('means')]
    public function testIsToldInWhateverIsAtHand(array $means, ?string $buckets, ?float $minutes, ?float $meter): void
    {
        $document = Json::decode((string) file_get_contents(__DIR__.'/../../../catalogue/plans/fellside.json'));
        foreach (['travel_fill' => 0.5] + $means as $key => $value) {
            $document->load->{$key} = $value;
        }
        $assessment = Json::decode(Json::encode(Assessor::assess(Plan::read($document))));
        [$row] = $assessment->stages->load->drawing->slip;
        self::assertSame($buckets, isset($row->buckets) ? str_replace("\u{a0}", ' ', $row->buckets) : null);
        foreach ([[$minutes, 'minutes'], [$meter, 'meter']] as [$value, $end]) {
            self::assertSame(null !== $value, isset($row->{$end.'_figure_id'}));
            self::assertEqualsWithDelta($value, null === $value ? null : $assessment->figures->{$row->{$end.'_figure_id'}}->value, 1e-3);
        }
    }

    public function testWhatIsFilledAndWhatWasLeftIsWhatTravels(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $assessment = Json::decode(Json::encode(Assessor::assess($plan, '-')));
            $drawing = Assessor::drawn($plan, 'load')->drawing;
            $rows = array_column($drawing->slip, 'litresFigureId', 'id');
            $over = [] !== array_filter($assessment->findings, static fn (\stdClass $finding): bool => 1 === preg_match('/^load\.\w+-over$/', $finding->code));
            self::assertSame($over, '' !== $drawing->slipWhyNot, "seed {$seed}");
            if ($over) {
                self::assertSame([], $rows);
                continue;
            }
            $unjoined = array_merge([], ...array_column(array_filter($assessment->findings, static fn (\stdClass $one): bool => 'tanks.unjoined' === $one->code), 'subject'));
            foreach ($plan->tanksThatHold(WaterKind::Fresh) as $tank) {
                // What no tap reaches nobody fills.
                if (\in_array($tank->id, $unjoined, true)) {
                    continue;
                }
                $figure = static fn (string $end): float => $assessment->figures->{"tanks.{$tank->id}.{$end}"}->value;
                $travelL = $plan->travelFillOf($tank) * $figure('full');
                $filledL = isset($rows[$tank->id]) ? $assessment->figures->{$rows[$tank->id]}->value : 0.0;
                self::assertEqualsWithDelta(max(0.0, $travelL - $figure('below_outlet')), $filledL, 0.06, "seed {$seed} {$tank->name}");
            }
        }
    }
}
