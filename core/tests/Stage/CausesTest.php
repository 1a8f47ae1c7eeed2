<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\FindingFixes;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Valve;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** One cause is one snag: what comes of another finding names it. */
final class CausesTest extends TestCase
{
    /** @return iterable<string, array{string, string, array<string, int>}> plan, its patch, and how many findings come of each cause */
    public static function plans(): iterable
    {
        $turned = '[{"op":"add","path":"/line/parts/2/reversed","value":true}]';
        yield 'a pump the wrong way round' => ['fellside', $turned, ['line.backwards pressure-pump-1' => 5, 'load.not-weighed' => 1]];
        yield 'a tank that is gone' => ['fellside', '[{"op":"remove","path":"/tanks/0"}]', ['line.pipe-lost pipe-1' => 5]];
        yield 'a filter that is gone' => [
            'fellside',
            '[{"op":"remove","path":"/line/parts/19"}]',
            ['line.pipe-lost pipe-6' => 6, 'load.not-weighed' => 1],
        ];
        yield 'a pipe that is gone' => [
            'fellside',
            '[{"op":"remove","path":"/line/pipes/3"}]',
            ['line.port-loose pressure-pump-1' => 5, 'load.not-weighed' => 1],
        ];
        yield 'a weighed rig' => [
            'fellside',
            '[{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1300},{"op":"add","path":"/load/rig/axles/1/weighed_kg","value":1300}]',
            [],
        ];
    }

    /** @param array<string, int> $wanted */
    #[DataProvider('plans')]
    public function testWhatComesOfOneCauseIsNotASnagOfItsOwn(string $plan, string $patch, array $wanted): void
    {
        $document = SamplePlans::patched(SamplePlans::all()[$plan], $patch);

        self::assertSame($wanted, self::folded(Plan::fromJson((string) json_encode($document))));
    }

    public function testAOneWayPartTurnedRoundIsOneSnagInEverySystem(): void
    {
        $turned = 0;
        foreach (SystemType::cases() as $system) {
            $plan = SampleLines::of($system)->plan;
            $before = self::standing($plan);
            foreach ($plan->line->parts as $part) {
                if (!$part->kind->isOneWay()) {
                    continue;
                }
                ++$turned;
                $after = self::standing(self::turned($part, $plan));
                $new = array_values(array_diff($after, $before));
                self::assertSame(['line.backwards '.$part->id], $new, $system->value);
            }
        }
        self::assertGreaterThan(10, $turned);
    }

    public function testTurningThePumpRoundIsOfferedThoughAnOutletThenGetsTooLittleWithTheOthers(): void
    {
        $document = SamplePlans::patched(SamplePlans::fellside(), '[{"op":"add","path":"/line/parts/2/reversed","value":true}]');
        $fixes = Assessor::fixes(Plan::fromJson((string) json_encode($document)), 'line');
        $turned = array_values(array_filter($fixes, static fn (FindingFixes $one): bool => 'line.backwards pressure-pump-1' === $one->key))[0];

        self::assertSame('Turn the pressure pump round', $turned->fixes[0]->label);
        self::assertStringContainsString('with the others open', (string) $turned->fixes[0]->cost);
    }

    public function testAFoldedFindingStillShutsTheValveAndCounts(): void
    {
        $document = SamplePlans::patched(SamplePlans::fellside(), '[{"op":"add","path":"/line/parts/2/reversed","value":true}]');
        $assessment = Assessor::assess(Plan::fromJson((string) json_encode($document)), 'line');

        $folded = array_filter($assessment->findings, static fn (SentFinding $one): bool => null !== $one->cause);
        self::assertNotSame([], $folded);
        self::assertNotSame(Valve::Open, $assessment->stages['line']->valve);
        $worst = array_filter($assessment->findings, static fn (SentFinding $one): bool => $one->severity === $assessment->findings[0]->severity);
        self::assertSame((string) \count($worst), $assessment->snags->figure);
    }

    private static function turned(PlannedPart $part, Plan $plan): Plan
    {
        return LineDraft::of($plan)->changed($part, ['reversed' => !$part->reversed])->plan();
    }

    /** @return array<string, int> */
    private static function folded(Plan $plan): array
    {
        $causes = array_filter(array_column(Assessor::assess($plan, 'line')->findings, 'cause'));
        $count = array_count_values($causes);
        ksort($count);

        return $count;
    }

    /** @return list<string> keys of the findings that stand by themselves */
    private static function standing(Plan $plan): array
    {
        $standing = array_filter(Assessor::assess($plan, 'line')->findings, static fn (SentFinding $one): bool => null === $one->cause);

        return array_values(array_column($standing, 'key'));
    }
}
