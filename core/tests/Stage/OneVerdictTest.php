<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\GlassCell;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Valve;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Shared\Contents;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Tests\SamplePlans;

/** Answer, sight glass, valve and snags say the same, in every state of the rig, whatever the plan. */
final class OneVerdictTest extends TestCase
{
    /** @return iterable<int, Plan> plans varied at random, and new ones of all sorts */
    private static function plans(): iterable
    {
        for ($seed = 1000; $seed < 1250; ++$seed) {
            yield $seed => SamplePlans::varied($seed);
        }
        foreach (['van', 'bus', 'pickup', 'trailer', 'boat'] as $rig) {
            foreach ([1, 3, 6] as $crew) {
                foreach (['sites', 'wild'] as $stay) {
                    yield SamplePlans::begun(['rig' => $rig, 'crew' => $crew, 'stay' => $stay, 'days' => 5]);
                }
            }
        }
    }

    public function testNothingThatIsSaidOfAPlanContradictsAnythingElse(): void
    {
        $stops = 0;
        foreach (self::plans() as $seed => $plan) {
            $assessment = Assessor::assess($plan, '-');
            $workings = Workings::over($plan);
            $where = "Plan $seed";
            $loadStops = self::stopsOf('load', $assessment);
            $stops += [] === $loadStops ? 0 : 1;
            self::assertValvesAgree($assessment, $where);
            self::assertAnswersAgree($plan, $assessment, $loadStops, $where);
            self::assertLineAgrees($assessment, $where);
            self::assertGlassAgrees($assessment, $where);
            self::assertLimitsHold($workings, $assessment, $where);
            self::assertUsedWaterIsAboardOrHasLeft($workings, $where);
            self::assertCarriedAndLastsSpeakOfWhatIsAboard($plan, $workings, $assessment, $where);
        }
        self::assertGreaterThan(25, $stops);
    }

    public function testWhatIsNotBegunIsNotClear(): void
    {
        $plan = PartFields::changed(SamplePlans::fellside(), ['line' => LinePlan::none(), 'runs' => []]);
        $can = TankProposal::cans('can-1', WaterKind::Fresh, 1, $plan->units);
        $valve = static fn (string $stage, array $changes): Valve => Assessor::assess(PartFields::changed($plan, $changes), '-')->stages[$stage]->valve;
        self::assertSame(Valve::NotBegun, $valve('line', []));
        self::assertSame(Valve::NotBegun, $valve('tanks', ['tanks' => []]));
        // A can that is poured by hand needs no line.
        self::assertSame(Valve::Open, $valve('line', ['tanks' => [$can]]));
        self::assertSame(Valve::NotBegun, $valve('line', ['tanks' => [PartFields::changed($can, ['poured' => false])]]));
    }

    /** @return list<SentFinding> */
    private static function stopsOf(string $stage, Assessment $assessment): array
    {
        return array_values(
            array_filter(
                $assessment->findings,
                static fn (SentFinding $finding): bool => $stage === $finding->stage && Severity::Stop === $finding->severity,
            ),
        );
    }

    private static function assertValvesAgree(Assessment $assessment, string $where): void
    {
        foreach ($assessment->stages as $name => $sheet) {
            $own = array_values(array_filter($assessment->findings, static fn (SentFinding $finding): bool => $name === $finding->stage));
            $valve = [Severity::Stop->value => Valve::Shut, Severity::Fix->value => Valve::Half][($own[0] ?? null)?->severity->value] ?? null;
            if (null === $valve) {
                self::assertContains($sheet->valve, [Valve::Open, Valve::NotBegun], "$where: $name");
            } else {
                self::assertSame($valve, $sheet->valve, "$where: $name");
            }
        }
    }

    /** @param list<SentFinding> $loadStops */
    private static function assertAnswersAgree(Plan $plan, Assessment $assessment, array $loadStops, string $where): void
    {
        $codes = array_column($assessment->findings, 'code');
        $load = $assessment->stages['load']->answer;
        $sentence = str_replace("\u{00A0}", ' ', $load->before.$load->figure.$load->after);
        if (str_contains($sentence, 'brim full, with')) {
            self::assertSame([], array_values(array_filter($codes, static fn (string $code): bool => str_ends_with($code, '-over-full'))), "$where: $sentence");
            if ($plan->load->travelFill >= 1 && [] === array_filter($plan->tanks, static fn ($tank): bool => null !== $tank->travelFill)) {
                self::assertSame([], array_column($loadStops, 'title'), "$where: $sentence");
            }
        }
        if (1 === preg_match('/over before any water|over with|over when|The nose carries only|stability/', $sentence)) {
            self::assertNotSame([], $loadStops, "$where: $sentence");
            self::assertSame(Valve::Shut, $assessment->stages['load']->valve);
        }
        if (str_contains($assessment->stages['use']->answer->before, 'One can')) {
            $usableL = $assessment->figures['tanks.usable']->value;
            self::assertTrue(
                $usableL < 20 || !\in_array('use.short', $codes, true) || !self::isBrimmed($plan),
                "$where: one can is enough and yet it is short",
            );
        }
    }

    /** Nothing is called enough beside a stop or an outlet that lacks something, and an outlet without water is not in plain ink. */
    private static function assertLineAgrees(Assessment $assessment, string $where): void
    {
        $answer = $assessment->stages['line']->answer;
        $sentence = $answer->before.$answer->figure.$answer->after;
        if (str_contains($sentence, 'enough')) {
            $codes = array_column($assessment->findings, 'code');
            self::assertSame([], array_column(self::stopsOf('line', $assessment), 'title'), "$where: $sentence");
            self::assertSame([], array_values(array_intersect($codes, ['line.flow-low', 'line.no-water', 'line.together-weak'])), "$where: $sentence");
        }
        foreach ($assessment->glass as $cell) {
            if ('line.worst' === $cell->figureId && $assessment->figures['line.worst']->value < 0.01) {
                self::assertNotNull($cell->severity, "$where: no water, in plain ink");
            }
        }
    }

    /** Whether its tanks are brimmed on arrival: not on a wild stay, and not on a boat. */
    private static function isBrimmed(Plan $plan): bool
    {
        return 'wild' !== $plan->use->stay->value && 'boat' !== $plan->load->rig->kind()->value;
    }

    private static function assertGlassAgrees(Assessment $assessment, string $where): void
    {
        $severities = [];
        foreach ($assessment->findings as $finding) {
            $severities[$finding->code] ??= $finding->severity;
        }
        $cell = static fn (string $label): ?GlassCell => array_values(
            array_filter($assessment->glass, static fn (GlassCell $one): bool => $label === $one->label),
        )[0] ?? null;
        self::assertSame($severities['use.short'] ?? null, $cell('Carried')?->severity, $where);
        self::assertSame($severities['load.nose-light'] ?? null, $cell('Nose share')?->severity, $where);
        $overs = array_filter(
            array_keys($severities),
            static fn (string $code): bool => 1 === preg_match('/^load\.(gross|front|rear|nose|axle)-over$/', $code),
        );
        $expected = [] !== $overs ? Severity::Stop : ($severities['load.estimate-tight'] ?? null);
        self::assertSame($expected, $cell('Payload left')?->severity, $where);
        self::assertSame(
            [] !== $overs,
            $assessment->figures[$cell('Payload left')->figureId ?? '']->value < -0.05,
            "$where: the least that is left, and a limit that is broken",
        );
        $side = array_values(
            array_filter($assessment->findings, static fn (SentFinding $finding): bool => 'load.side-difference' === $finding->code),
        )[0] ?? null;
        if (null !== $side) {
            self::assertEqualsWithDelta($side->measure->value, abs($assessment->figures['load.side_worst']->value), 1e-6, $where);
        }
        $worst = $assessment->findings[0]->severity ?? null;
        self::assertSame($worst, $assessment->snags->severity, $where);
        if (isset($severities['load.stability-thin'])) {
            self::assertSame(Severity::Stop, $cell('Stability left')?->severity, $where);
        }
        self::assertNotSame(90.0, $assessment->figures['load.heel']->value ?? 0.0, $where);
    }

    /** In no state on the road is less left of a limit than is said. */
    private static function assertLimitsHold(Workings $workings, Assessment $assessment, string $where): void
    {
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            $name = $limit->name->value;
            $mostKg = max(array_map(static fn (string $state): float => $assessment->figures["load.$name.$state"]->value, ['dry', 'travel', 'used_up']));
            self::assertLessThanOrEqual($limit->limitKg - $mostKg + 1e-6, $assessment->figures["load.$name.least_spare"]->value, "$where: $name");
        }
    }

    private static function assertUsedWaterIsAboardOrHasLeft(Workings $workings, string $where): void
    {
        $contents = new Contents($workings);
        $tanks = $workings->of(TanksWorkings::class);
        $sum = static fn (RigState $state, bool $waste): float => array_sum(
            array_filter(
                $contents->in($state),
                static fn (int $index): bool => $waste === $tanks->all()[$index]->tank->holds->takesWaste(),
                \ARRAY_FILTER_USE_KEY,
            ),
        );
        $start = $workings->of(WaterAboard::class)->brimmed ? RigState::BrimFull : RigState::Travelling;
        $drawnL = $sum($start, false) - $sum(RigState::UsedUp, false);
        self::assertGreaterThanOrEqual(-1e-9, $drawnL, $where);
        self::assertLessThanOrEqual($drawnL + 1e-6, $sum(RigState::UsedUp, true), "$where: more waste than was used");
        foreach ($tanks->thatTakeWaste() as $working) {
            self::assertLessThanOrEqual($working->fullL() + 1e-9, $contents->in(RigState::UsedUp)[$working->index], $where);
        }
    }

    private static function assertCarriedAndLastsSpeakOfWhatIsAboard(Plan $plan, Workings $workings, Assessment $assessment, string $where): void
    {
        $tanks = $workings->of(TanksWorkings::class);
        $use = $workings->of(UseWorkings::class);
        $figures = $assessment->figures;
        $aboardL = self::isBrimmed($plan) ? $tanks->usableL(WaterKind::Fresh) : $tanks->travelUsableL();
        self::assertEqualsWithDelta($aboardL, $figures['use.aboard']->value, 1e-9, $where);
        $lasts = $use->lastsDays($aboardL);
        if (null !== $lasts) {
            self::assertEqualsWithDelta($lasts, $figures['use.lasts']->value, 0.1 + 1e-6, $where);
        }
        $short = $use->need(Supply::Main)->carryL - $figures['use.aboard']->value >= 0.05;
        self::assertSame($short, \in_array('use.short', array_column($assessment->findings, 'code'), true), $where);
    }
}
