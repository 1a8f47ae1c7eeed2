<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Parts;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Joint\JointCalculator;
use YardCask\Core\Joint\JointInput;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Line\PlannedJoint;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Parts\Edit\EndEdit;
use YardCask\Core\Stage\Parts\Edit\JoinedPlan;
use YardCask\Core\Stage\Parts\Joints\Verdict;
use YardCask\Core\Tests\Stage\Line\HandledLines;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** The joints of a plan: where they are, what is judged there, and what adapters do to the line. */
final class JointsTest extends TestCase
{
    /** @return iterable<string, array{SystemType}> */
    public static function systems(): iterable
    {
        foreach (SystemType::cases() as $system) {
            yield $system->value => [$system];
        }
    }

    #[DataProvider('systems')]
    public function testEveryJointOfASystemHoldsOnceItIsJoined(SystemType $system): void
    {
        $joints = JoinedLines::joints(JoinedLines::of($system))->all;
        self::assertNotSame([], $joints);
        foreach ($joints as $joint) {
            self::assertSame(Verdict::Tight, $joint->verdict, $joint->id.': '.$joint->tube.' / '.$joint->port);
        }
    }

    public function testEveryMeetingOfRandomLinesIsWhatTheCalculatorSaysOfItsEnds(): void
    {
        $judged = 0;
        for ($seed = 1; $seed <= 40; ++$seed) {
            $plan = HandledLines::seeded($seed);
            if (null === $plan) {
                continue;
            }
            $plan = $seed % 2 ? JoinedPlan::of($plan, SampleLines::stock()) : $plan;
            foreach (JoinedLines::joints($plan)->all as $joint) {
                self::assertCount(\count($joint->adapters) + 1, $joint->meetings);
                self::assertSame($joint->tube, $joint->meetings[0]->a);
                self::assertSame($joint->port, $joint->meetings[\count($joint->meetings) - 1]->b);
                foreach ($joint->meetings as $meeting) {
                    [$a, $b] = [$meeting->a?->end, $meeting->b?->end];
                    $expected = null === $a || null === $b ? null : JointCalculator::calculate(new JointInput($a, $b, $joint->isUnderPressure));
                    self::assertEquals($expected, $meeting->joint);
                    ++$judged;
                }
                self::assertSame(Verdict::worst(...array_map(static fn ($one): Verdict => $one->verdict, $joint->meetings)), $joint->verdict);
            }
        }
        self::assertGreaterThan(1000, $judged);
    }

    public function testAnAdapterCostsFlowAndWeighsWhereItIs(): void
    {
        $plan = JoinedLines::of(SystemType::Pressure);
        $pipe = self::pipeTo('tap', $plan);
        $narrow = new PlannedAdapter('adapter-900', 'Reducer', new PartMake(1000.0, 60.0, true, 0.75, 1.0), 'near: barb 13.8; far: barb 13.8', $pipe->tube->boreMm / 3, 0.5);
        $with = JoinedLines::pipes($plan, static fn (PlannedPipe $one): array => $one->id === $pipe->id ? ['toJoint' => new PlannedJoint([$narrow])] : []);
        // A third as wide it has a ninth of the area, and half a velocity head of its own is forty of the pipe's.
        self::assertEqualsWithDelta(0.5 * 81, (new PlannedJoint([$narrow]))->kSum($pipe->tube->boreMm), 1e-9);
        $flow = static fn (Plan $of): float => \YardCask\Core\Stage\Assessor::assess($of)->figures['line.'.strtok($pipe->to, '.').'.flow']->value;
        $bare = JoinedLines::pipes($plan, static fn (PlannedPipe $one): array => $one->id === $pipe->id ? ['toJoint' => null] : []);
        self::assertLessThan($flow($bare) - 0.05, $flow($with));
        $kg = static fn (Plan $of): float => Workings::over($of)->of(LineWeights::class)->ownKg();
        self::assertEqualsWithDelta(0.75, $kg($with) - $kg($bare), 1e-9);
    }

    public function testWhatHangsInACanIsNotJoinedThere(): void
    {
        $ids = array_column(JoinedLines::joints(JoinedLines::of(SystemType::CanSwitched))->all, 'id');
        // A pump in a can hangs on its hose: only behind it is anything joined.
        self::assertSame(['pipe-2.from', 'pipe-2.to'], $ids);
    }

    public function testAnEndThatIsMeasuredIsWrittenWhereItBelongs(): void
    {
        $plan = JoinedLines::of(SystemType::Pressure);
        $pipe = self::pipeTo('tap', $plan);
        $edit = static fn (string $joint, string $side, string $end): \stdClass => (object) ['joint' => $joint, 'side' => $side, 'end' => Json::decode($end)];
        $after = EndEdit::patch($edit($pipe->id.'.to', 'port', '{"system":"compression","outer_mm":15}'), $plan)->applyTo($plan);
        self::assertSame('in: compression 15', $after->line->part((string) strtok($pipe->to, '.'))?->ends);
        $after = EndEdit::patch($edit($pipe->id.'.to', 'tube', '{"system":"hose","inner_mm":10,"wall":"soft"}'), $plan)->applyTo($plan);
        self::assertSame('hose 10 soft', self::pipeTo('tap', $after)->tube->end);
        $outlet = $plan->line->pipes[0];
        $after = EndEdit::patch($edit($outlet->id.'.from', 'port', '{"system":"thread","standard":"iso_228","size":"3/4","sex":"male"}'), $plan)->applyTo($plan);
        self::assertContains('thread 3/4 iso_228 male', array_column(array_merge(...array_column($after->tanks, 'ports')), 'end'));
        foreach ([
            '/joint' => $edit('pipe-99.to', 'port', '{"system":"push","outer_mm":12}'),
            '/side' => $edit($pipe->id.'.to', 'middle', '{"system":"push","outer_mm":12}'),
            '/end/outer_mm' => $edit($pipe->id.'.to', 'port', '{"system":"push"}'),
        ] as $pointer => $wrong) {
            try {
                EndEdit::patch($wrong, $plan);
                self::fail('It was taken.');
            } catch (InvalidInput $e) {
                self::assertSame([$pointer], array_column($e->errors, 'pointer'));
            }
        }
    }

    public function testHosesAreHeldAsThePlanSaysUnlessTheJointSaysOtherwise(): void
    {
        $plan = JoinedLines::pipes(JoinedLines::of(SystemType::Pressure), static fn (): array => ['fromJoint' => null, 'toJoint' => null]);
        $valve = array_values(array_filter(JoinedLines::joints($plan)->all, static fn ($one): bool => Verdict::Tight === $one->verdict))[0];
        self::assertSame([JoiningMethod::Crimp], $valve->methods());
        $clamped = JoinedLines::pipes($plan, static fn (PlannedPipe $one): array => ['toJoint' => new PlannedJoint([], JoiningMethod::Clamp)]);
        $methods = [];
        foreach (JoinedLines::joints($clamped)->all as $joint) {
            foreach ($joint->methods() as $method) {
                $methods[(string) strrchr($joint->id, '.')][$method->value] = true;
            }
        }
        self::assertSame(['crimp'], array_keys($methods['.from']));
        self::assertContains('clamp', array_keys($methods['.to']));
    }

    public function testTextThatCannotBeReadIsToBeMeasured(): void
    {
        $plan = JoinedLines::of(SystemType::Pressure);
        $pipe = self::pipeTo('tap', $plan);
        $typed = JoinedLines::part($plan, $plan->line->part((string) strtok($pipe->to, '.'))->name ?? '', ['ends' => 'in: half inch, I think']);
        $unmeasured = JoinedLines::joints($typed)->that(Verdict::Unmeasured);
        self::assertSame([$pipe->id.'.to'], array_column($unmeasured, 'id'));
        self::assertSame('half inch, I think', (string) $unmeasured[0]->port);
        self::assertEquals(PortEnd::read('half inch, I think'), $unmeasured[0]->port);
    }

    private static function pipeTo(string $prefix, Plan $plan): PlannedPipe
    {
        foreach ($plan->line->pipes as $pipe) {
            if (1 === preg_match('/^'.$prefix.'-\d+\.in$/', $pipe->to)) {
                return $pipe;
            }
        }
        self::fail('No pipe leads to a '.$prefix.'.');
    }
}
