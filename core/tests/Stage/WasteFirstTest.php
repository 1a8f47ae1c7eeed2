<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Tests\SamplePlans;

/** Waste that is emptied before the rig moves on weighs nothing on the road; where it breaks a limit, it is named and emptied first. */
final class WasteFirstTest extends TestCase
{
    private static function plain(string $text): string
    {
        return str_replace(["\u{A0}", "\u{202F}"], ' ', $text);
    }

    /** Fellside, with its waste tank ahead of the front axle and the axle’s limit where only the waste is over it. */
    private static function overWithWaste(): Plan
    {
        $plan = PlanPatch::replace('/tanks/2/x_m', -0.3)->and(PlanPatch::replace('/load/travel_fill', 0.5))->applyTo(SamplePlans::fellside());
        $kg = static fn (Plan $plan): array => array_map(
            static fn (RigState $state): float => Workings::over($plan)->of(LoadWorkings::class)->limits()[1]->kgIn($state),
            [RigState::Travelling, RigState::UsedUp],
        );
        [$travelKg, $usedKg] = $kg($plan);
        self::assertGreaterThan($travelKg + 10, $usedKg);

        return PlanPatch::replace('/load/rig/axles/0/limit_kg', round(($travelKg + $usedKg) / 2))->applyTo($plan);
    }

    public function testTheAnswerNamesTheWasteAndEmptyingItIsTheFirstFix(): void
    {
        $plan = self::overWithWaste();
        $assessed = Assessor::assess($plan);
        $over = array_values(array_filter($assessed->findings, static fn (SentFinding $finding): bool => 'load.front-over' === $finding->code))[0];
        self::assertStringContainsString('With the waste of the stay emptied first, it would not be over.', $over->why);
        self::assertSame('Empty the waste tank first', $over->fixes[0]->label);
        $mended = $over->fixes[0]->patch->applyTo($plan);
        self::assertNotContains('load.front-over', array_column(Assessor::assess($mended, '-')->findings, 'code'));
        self::assertFalse(Workings::over($mended)->of(LoadWorkings::class)->limits()[1]->onTheRoad->isBroken());
    }

    public function testWhereNoFillWouldDoWithTheWasteTheAnswerSaysWhatWillDoWithoutIt(): void
    {
        // Even with no water to begin with the drinking water’s waste, or the stay’s from brim full, is too much.
        $plan = PlanPatch::replace('/use/stay', 'mixed')->applyTo(self::overWithWaste());
        $workings = Workings::over($plan);
        self::assertFalse($workings->of(GreatestFill::class)->exists);
        $answer = Assessor::assess($plan, '-')->stages['load']->answer;
        self::assertStringStartsWith('Empty the waste tank first', self::plain($answer->before));
        $emptied = Workings::over(PlanPatch::add('/load/waste_emptied', true)->applyTo($plan))->of(GreatestFill::class);
        self::assertStringContainsString(\sprintf('travel with %s at most', $workings->wording->litresAtMost($emptied->litres)), $answer->reason);
    }

    #[TestWith(['sites', true])]
    #[TestWith(['mixed', false])]
    #[TestWith(['wild', false])]
    public function testOnSitesItIsUsuallyEmptied(string $stay, bool $emptied): void
    {
        $plan = PlanPatch::replace('/use/stay', $stay)->applyTo(SamplePlans::fellside());
        self::assertSame($emptied, $plan->emptiesWaste());
        self::assertSame(!$emptied, PlanPatch::add('/load/waste_emptied', !$emptied)->applyTo($plan)->emptiesWaste());
    }

    public function testEmptiedItWeighsNothingInAnyStateAndTheRigIsNotFilledAgainWithIt(): void
    {
        $plan = PlanPatch::add('/load/waste_emptied', true)->applyTo(SamplePlans::fellside());
        $load = Workings::over($plan)->of(LoadWorkings::class);
        foreach (RigState::cases() as $state) {
            self::assertSame(0.0, $load->contents->in($state)[2], $state->value);
        }
        self::assertNotContains(RigState::Refilled, $load->states());
        $assessed = Assessor::assess($plan, 'load');
        self::assertArrayNotHasKey('load.gross.refilled', $assessed->figures);
        self::assertNotContains('load.over-refilled', array_column($assessed->findings, 'code'));
        self::assertContains('load.over-refilled', array_column(Assessor::assess(SamplePlans::fellside(), '-')->findings, 'code'));
    }

    public function testFilledUpOnArrivalInCansTripsAndMinutes(): void
    {
        $rows = static fn (Plan $plan): array => Assessor::assess($plan, 'load')->stages['load']->drawing->arrival ?? [];
        $calm = PlanPatch::replace('/use/stay', 'mixed')->and(PlanPatch::replace('/load/rig/gross_limit_kg', 9000))
            ->and(PlanPatch::replace('/load/rig/axles/0/limit_kg', 5000))->and(PlanPatch::replace('/load/rig/axles/1/limit_kg', 5000))
            ->and(PlanPatch::replace('/load/travel_fill', 0.25))->applyTo(SamplePlans::fellside());
        $row = Assessor::drawn($calm, 'load')?->drawing->arrival[0];
        // Three quarters of 122 L: five cans, three trips, 11.4 min to pour and 5 to carry; or 15 L/min.
        self::assertSame('5 cans of 20 L, assumed: 3 trips with 2 at a time, 16.4 min', self::plain($row->byCans));
        self::assertSame('6.1 min by a hose at 15 L/min, assumed', self::plain((string) $row->byHose));
        self::assertSame([], Assessor::drawn(PlanPatch::replace('/use/stay', 'wild')->applyTo($calm), 'load')?->drawing->arrival ?? null);
        self::assertSame([], $rows(PlanPatch::replace('/load/travel_fill', 1.0)->applyTo($calm)));
    }
}
