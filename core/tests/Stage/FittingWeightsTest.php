<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\FittingKind;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Parts\Shared\FittingWeights;
use YardCask\Core\Stage\Parts\Shopping\FittedAt;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;
use YardCask\Core\Tests\Stage\Parts\ListsTest;

/** Clamps, clips, straps, bolts, wires, and the fittings and hoses of tanks, where the rig is weighed. */
final class FittingWeightsTest extends TestCase
{
    /** What is used up, stays in the workshop or lies in a locker; adapters are weighed with the line. */
    private const NOT_FITTED = [
        FittingKind::Adapter,
        FittingKind::Tape,
        FittingKind::Cement,
        FittingKind::SealingCompound,
        FittingKind::EdgePaint,
        FittingKind::Spare,
        FittingKind::Tool,
    ];

    #[DataProviderExternal(ListsTest::class, 'plans')]
    public function testTheyWeighWhatTheShoppingListHasOfThem(Plan $plan): void
    {
        $workings = self::workings($plan);
        $stock = SampleLines::stock()->fittings();
        $fitted = array_filter(
            ShoppingList::of($workings)->lines,
            static fn (ShoppingLine $line): bool => isset($stock[$line->item->key]) && !\in_array($stock[$line->item->key]->kind, self::NOT_FITTED, true),
        );
        $kg = array_sum(array_map(static fn (ShoppingLine $line): float => $line->kg(), $fitted));
        self::assertGreaterThan(0.05, $kg);
        $fittings = $workings->of(FittingWeights::class);
        self::assertEqualsWithDelta($kg, $fittings->kg(), 1e-9);
        self::assertEqualsWithDelta($kg, array_sum(array_column([...$fittings->weighed->ofLine, ...$fittings->weighed->ofTanks], 'ownKg')), 1e-9);
        self::assertEqualsWithDelta($kg, Assessor::assess($plan, null, SampleLines::stock())->figures['load.fittings']->value, 1e-9);
    }

    public function testStrapsAndBoltsRestOnTheAxlesWhereTheirTankIs(): void
    {
        $fellside = SamplePlans::fellside();
        $tail = PartFields::changed($fellside->tanks[0], ['ports' => [], 'straps' => 3, 'xM' => 2.0, 'yM' => 0.4]);
        $plan = PartFields::changed(self::unweighed($fellside), ['tanks' => [$tail], 'runs' => [], 'line' => LinePlan::none()]);
        [$ofTanks] = self::workings($plan)->of(FittingWeights::class)->weighed->ofTanks;
        self::assertSame([2.0, 0.4], [round($ofTanks->xM, 9), round($ofTanks->yM, 9)]);
        self::assertEqualsWithDelta($tail->zM + $tail->heightMm / 2000, $ofTanks->zM, 1e-9);
        $added = static fn (LimitName $name): float => self::kg(self::workings($plan), $name) - self::kg(Workings::over($plan), $name);
        self::assertEqualsWithDelta($ofTanks->ownKg, $added(LimitName::Gross), 1e-9);
        self::assertEqualsWithDelta($ofTanks->ownKg * 2.0 / 3.3, $added(LimitName::Rear), 1e-9);
    }

    public function testWhatHoldsAPipeIsHalfWayAndWhatIsPlacedAlongOnlyIsNotPlaced(): void
    {
        $plan = SamplePlans::fellside();
        $part = static fn (?float $xM, ?float $yM, float $zM): FittedAt => FittedAt::part(
            PartFields::changed($plan->line->parts[0], ['xM' => $xM, 'yM' => $yM, 'zM' => $zM]),
        );
        $half = $part(1.0, 0.5, 0.4)->halfTo($part(4.0, -1.5, 1.0));
        self::assertEqualsWithDelta([2.5, -0.5, 0.7], [...$half->place ?? [], $half->zM], 1e-9);
        foreach ([[null, 0.5], [1.0, null]] as [$xM, $yM]) {
            self::assertNull($part($xM, $yM, 0.4)->place);
            self::assertNull($part($xM, $yM, 0.4)->halfTo($part(4.0, -1.5, 1.0))->place);
            self::assertNull($part(4.0, -1.5, 1.0)->halfTo($part($xM, $yM, 0.4))->place);
        }
        $hose = FittedAt::hose($plan->tanks[0], new RunPoint(1.0, 0.2, 0.5), new RunPoint(1.0, 0.6, 0.9), new RunPoint(4.0, 0.7, 1.0));
        self::assertEqualsWithDelta([2.0, 0.5, 0.8], [...$hose->place ?? [], $hose->zM], 1e-9);
        self::assertSame($plan->tanks[0]->id, $hose->tankId);
    }

    /** @return iterable<string, array{string, bool, string, float, float}> the plan, what the ticket says, and what of it counts twice: of the tanks, of the line */
    public static function weighings(): iterable
    {
        yield 'a van before anything was fitted' => ['fellside', false, 'out', 0.0, 0.0];
        yield 'a van with its tanks' => ['fellside', true, 'out', 1.0, 0.0];
        yield 'a van with its line' => ['fellside', false, 'drained', 0.0, 1.0];
        yield 'a trailer with both' => ['bothy', true, 'full', 1.0, 1.0];
    }

    #[DataProvider('weighings')]
    public function testWhatWasOnTheScaleIsNotCountedTwice(string $demo, bool $tanks, string $line, float $ofTanks, float $ofLine): void
    {
        $ticket = 'fellside' === $demo ? '{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1455},' : '';
        $plan = Plan::read(SamplePlans::patched(SamplePlans::demos()[$demo], '['.$ticket.'
            {"op":"replace","path":"/load/rig/weighed_with_tanks","value":'.($tanks ? 'true' : 'false').'},
            {"op":"replace","path":"/load/rig/weighed_with_line","value":"'.$line.'"}]'));
        $fittings = self::workings($plan)->of(FittingWeights::class);
        self::assertEqualsWithDelta(
            $fittings->kg() - $ofTanks * $fittings->weighed->ofTanks[0]->ownKg - $ofLine * $fittings->weighed->ofLine[0]->ownKg,
            self::kg(self::workings($plan), LimitName::Gross) - self::kg(Workings::over($plan), LimitName::Gross),
            1e-9,
        );
    }

    public function testTheShoppingListSaysWhatAllOfItDoesToTheLimitWithLeastLeft(): void
    {
        $plan = SamplePlans::fellside();
        $workings = self::workings($plan);
        $load = $workings->of(LoadWorkings::class);
        $line = $workings->of(LineWeights::class);
        $tanksKg = array_sum(array_map(static fn (PlannedTank $tank): float => $tank->allEmptyKg(), $plan->tanks));
        $kg = $tanksKg + $line->ownKg() + $workings->of(FittingWeights::class)->kg();
        self::assertEqualsWithDelta($kg, $load->builtInKg(LimitName::Gross), 1e-9);
        self::assertEqualsWithDelta($kg, $load->builtInKg(LimitName::Front) + $load->builtInKg(LimitName::Rear), 1e-9);
        $rearKg = array_sum(array_map(static fn (PlannedTank $tank): float => $tank->allEmptyKg() * $tank->xM / 3.3, $plan->tanks));
        foreach ($load->line as $one) {
            $rearKg += $one->ownKg * $one->xM / 3.3;
        }
        self::assertEqualsWithDelta($rearKg, $load->builtInKg(LimitName::Rear), 1e-9);
        $totals = Assessor::drawn($plan, 'parts', SampleLines::stock())?->drawing->totals;
        self::assertStringContainsString(\sprintf('Built in, it adds %d kg to the rear axle, which is ', round($rearKg)), str_replace("\u{202F}", ' ', str_replace("\u{A0}", ' ', (string) $totals)));
    }

    private static function unweighed(Plan $plan): Plan
    {
        return Plan::read(SamplePlans::patched($plan, '[{"op":"replace","path":"/load/rig/weighed_with_tanks","value":false}]'));
    }

    private static function workings(Plan $plan): Workings
    {
        return Workings::over($plan, SampleLines::stock());
    }

    private static function kg(Workings $workings, LimitName $name): float
    {
        foreach ($workings->of(LoadWorkings::class)->payloadIn(RigState::Dry)->limits() as $limit) {
            if ($name === $limit->name) {
                return $limit->kgAt(1.0);
            }
        }
        self::fail('No such limit.');
    }
}
