<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\LineElement;
use YardCask\Core\Stage\Line\Drawing\LineScene;
use YardCask\Core\Stage\Line\Drawing\TurnedLine;
use YardCask\Core\Stage\Line\Drawing\TurnedScenes;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\Position;
use YardCask\Core\Tests\SamplePlans;

/** Valves turned by hand, to see what flows then. */
final class TurnedScenesTest extends TestCase
{
    public function testTurnedAsInUseEveryLineFlowsAsItIsDrawn(): void
    {
        $valves = 0;
        foreach (SamplePlans::demos() as $name => $plan) {
            $drawing = Assessor::drawn($plan, 'line')?->drawing;
            $usual = [];
            foreach ($drawing->elements ?? [] as $element) {
                \assert($element instanceof LineElement);
                foreach ($element->positions as $position) {
                    ++$valves;
                    if ($position->usual) {
                        $usual[$element->owner] = $position->value;
                    }
                }
            }
            foreach ([[], $usual] as $turned) {
                self::assertSame(Json::encode($drawing->scenes ?? []), Json::encode(self::turned($turned, $plan)->scenes), $name);
            }
        }
        self::assertGreaterThan(4, $valves);
    }

    public function testBehindAShutValveNothingFlowsAndTheOtherTankGoesOn(): void
    {
        $fellside = SamplePlans::fellside();
        foreach (self::turned(['shut-off-1' => 'shut'], $fellside)->scenes as $scene) {
            self::assertSame(['0 L/min'], array_values(array_unique(self::flows($scene))), $scene->id);
        }
        $coach = SamplePlans::demos()['prompt-side'];
        $valves = array_values(array_filter($coach->line->parts, static fn ($part): bool => 'shut_off' === $part->kind->value));
        self::assertCount(2, $valves);
        $open = self::turned([], $coach)->scenes[0];
        $one = self::turned([$valves[0]->id => 'shut'], $coach)->scenes[0];
        self::assertNotSame(Json::encode($open), Json::encode($one));
        self::assertNotContains('0 L/min', self::flows($one));
        self::assertContains('0 L/min', self::flows(self::turned([$valves[0]->id => 'shut', $valves[1]->id => 'shut'], $coach)->scenes[0]));
    }

    public function testOnMainsTheTapsHaveTheMainsPressureAndWhereTapsAreShutNothingIsDrawn(): void
    {
        foreach (SamplePlans::demos() as $name => $plan) {
            $modes = Workings::over($plan)->of(LineWorkings::class)->modes()->all();
            foreach ($modes as $found) {
                $turned = self::turned([], $plan, $found->mode->value);
                $stands = array_map(static fn (Position $position): string => $position->value, $found->positions);
                self::assertSame($stands, array_column($turned->valves, 'position', 'id'), $name);
                self::assertSame($found->mode->opensTaps(), [] !== $turned->scenes, $name.' '.$found->mode->value);
            }
        }
        $mains = SampleLines::of(SystemType::Mains, 'trailer')->plan;
        $onMains = self::turned([], $mains, 'mains_use');
        self::assertNotContains('0 L/min', array_merge(...array_map(self::flows(...), $onMains->scenes)));
        self::assertNotEquals(self::turned([], $mains)->scenes, $onMains->scenes);
        $solved = Workings::over($mains)->of(LineWorkings::class);
        $first = $solved->graph->outlets[0];
        self::assertEqualsWithDelta($solved->aloneOnMains($first)->lpm($solved->graph->pipes[0]), $onMains->scenes[0]->flows[0]->lpm, 1e-9);
    }

    /** @return iterable<string, array{string, string}> what is turned, where it is refused */
    public static function refused(): iterable
    {
        yield 'a way that the valve has not' => ['{"turned":{"shut-off-1":"ajar"}}', '/turned/shut-off-1'];
        yield 'a three-way position of a ball valve' => ['{"turned":{"shut-off-1":"left"}}', '/turned/shut-off-1'];
        yield 'no text' => ['{"turned":{"shut-off-1":1}}', '/turned/shut-off-1'];
        yield 'a part that is no valve' => ['{"turned":{"strainer-1":"shut"}}', '/turned/strainer-1'];
        yield 'nothing of the plan' => ['{"turned":{"nobody":"shut"}}', '/turned/nobody'];
        yield 'a list' => ['{"turned":["shut-off-1"]}', '/turned'];
        yield 'no hands' => ['{}', '/turned'];
        yield 'a mode that the line has not' => ['{"turned":{},"mode":"mains_use"}', '/mode'];
        yield 'nothing' => ['null', ''];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeTurnedIsSaidAtItsPlace(string $turned, string $pointer): void
    {
        try {
            TurnedScenes::of(json_decode($turned, false), SamplePlans::fellside());
            self::fail('It was turned.');
        } catch (InvalidInput $refusal) {
            self::assertSame([$pointer], array_column($refusal->errors, 'pointer'));
        }
    }

    /** @param array<string, string> $turned */
    private static function turned(array $turned, Plan $plan, string $mode = 'use'): TurnedLine
    {
        return TurnedScenes::of((object) ['turned' => (object) $turned, 'mode' => $mode], $plan);
    }

    /** @return list<string> */
    private static function flows(LineScene $scene): array
    {
        return array_map(static fn ($tap): string => str_replace("\u{a0}", ' ', $tap->text), $scene->taps);
    }
}
