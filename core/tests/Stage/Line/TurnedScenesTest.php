<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\LineElement;
use YardCask\Core\Stage\Line\Drawing\LineScene;
use YardCask\Core\Stage\Line\Drawing\TurnedScenes;
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
                self::assertSame(Json::encode($drawing->scenes ?? []), Json::encode(TurnedScenes::of((object) $turned, $plan)), $name);
            }
        }
        self::assertGreaterThan(4, $valves);
    }

    public function testBehindAShutValveNothingFlowsAndTheOtherTankGoesOn(): void
    {
        $fellside = SamplePlans::fellside();
        foreach (TurnedScenes::of((object) ['shut-off-1' => 'shut'], $fellside) as $scene) {
            self::assertSame(['0 L/min'], array_values(array_unique(self::flows($scene))), $scene->id);
        }
        $coach = SamplePlans::demos()['prompt-side'];
        $valves = array_values(array_filter($coach->line->parts, static fn ($part): bool => 'shut_off' === $part->kind->value));
        self::assertCount(2, $valves);
        $open = self::flows(TurnedScenes::of(new \stdClass(), $coach)[0]);
        $one = self::flows(TurnedScenes::of((object) [$valves[0]->id => 'shut'], $coach)[0]);
        self::assertNotSame($open, $one);
        self::assertNotContains('0 L/min', $one);
        self::assertContains('0 L/min', self::flows(TurnedScenes::of((object) [$valves[0]->id => 'shut', $valves[1]->id => 'shut'], $coach)[0]));
    }

    /** @return iterable<string, array{string, string}> what is turned, where it is refused */
    public static function refused(): iterable
    {
        yield 'a way that the valve has not' => ['{"shut-off-1":"ajar"}', '/shut-off-1'];
        yield 'a three-way position of a ball valve' => ['{"shut-off-1":"left"}', '/shut-off-1'];
        yield 'no text' => ['{"shut-off-1":1}', '/shut-off-1'];
        yield 'a part that is no valve' => ['{"strainer-1":"shut"}', '/strainer-1'];
        yield 'nothing of the plan' => ['{"nobody":"shut"}', '/nobody'];
        yield 'a list' => ['["shut-off-1"]', ''];
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

    /** @return list<string> */
    private static function flows(LineScene $scene): array
    {
        return array_map(static fn ($tap): string => str_replace("\u{a0}", ' ', $tap->text), $scene->taps);
    }
}
